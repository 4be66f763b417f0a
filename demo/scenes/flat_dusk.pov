// Backdrop: the drained salt flat at the blue hour. Standing water mirrors the sky; the last red on the horizon at the left.
#include "common.inc"
camera { perspective location <0,1.7,0> direction z up y right x*1.5 look_at <0,1.7,1> angle 62 }
light_source { <-90,9,200> color rgb <0.75,0.33,0.16>*0.55 area_light x*20, y*8, 3, 3 adaptive 0 jitter }
sky_sphere {
  pigment { gradient y color_map { [0 rgb <0.36,0.25,0.23>] [0.05 rgb <0.30,0.245,0.27>] [0.14 rgb <0.165,0.185,0.27>] [0.35 rgb <0.075,0.105,0.20>] [0.8 rgb <0.03,0.05,0.115>] [1 rgb <0.025,0.04,0.1>] } }
  pigment { wrinkles turbulence 0.55 octaves 7 lambda 2.2 omega 0.6 scale <1.6,0.10,1.6> rotate z*-3
    color_map { [0 rgbt 1] [0.48 rgbt 1] [0.66 rgbt <0.24,0.17,0.19,0.55>] [0.85 rgbt <0.46,0.25,0.20,0.25>] [1 rgbt <0.62,0.33,0.23,0.15>] } }
}
// glow of the set sun: a far soft lamp on the horizon, behind the scene's left
#declare Glow = function { exp(-(pow(x*0.010,2)+pow(y*0.030,2))) }
plane { -z, -900 hollow no_shadow pigment { function { exp(-(pow((x+330)*0.0038,2)+pow(y*0.016,2))) } color_map { [0 rgbt <0.85,0.3,0.1,1>] [0.5 rgbt <0.85,0.33,0.13,0.62>] [1 rgbt <1.3,0.62,0.26,0.10>] } } finish { emission 0.75 diffuse 0 } }
disc { <240,205,880>, -z, 15 pigment { granite scale 18 color_map { [0 rgb <0.98,0.93,0.82>] [1 rgb <0.80,0.74,0.64>] } } finish { emission 0.72 diffuse 0 } no_shadow }
disc { <240,205,881>, -z, 120 no_shadow hollow pigment { spherical scale 120 color_map { [0 rgbt <0.5,0.5,0.6,1>] [0.6 rgbt <0.5,0.5,0.6,0.93>] [0.9 rgbt <0.6,0.58,0.6,0.72>] [1 rgbt <0.7,0.66,0.62,0.6>] } translate <240,205,881> } finish { emission 0.7 diffuse 0 } }
// far shore: two broken ridges in haze
#macro Ridge(D, H, Col, S)
isosurface { function { y - H*(0.30 + 1.5*pow(f_noise3d(x*0.004+S,S,1),2.2) + 0.22*f_noise3d(x*0.02,S,2) + 0.05*f_noise3d(x*0.1,S,2)) } contained_by { box { <-1200,-5,D>, <1200,H*2.4,D+3> } } max_gradient 1.5 accuracy 0.3 pigment { color Col } finish { emission 1 diffuse 0 } no_shadow }
#end
Ridge(760, 46, rgb <0.135,0.125,0.165>, 3)
Ridge(600, 20, rgb <0.092,0.09,0.125>, 9)
// the flat: crusted salt and sheets of water, decided by one noise so that the rims sit right
#declare Sheet = function { f_noise3d(x*0.13+4, 2, z*0.16)*0.74 + f_noise3d(x*0.5,5,z*0.8)*0.17 + f_noise3d(x*2.1,7,z*3.1)*0.06 + f_noise3d(x*9,7,z*12)*0.03 }
#declare Bump = normal { average normal_map { [1 granite 0.5 scale 0.25] [0.8 crackle 0.8 scale <0.8,1,0.6> turbulence 0.15 slope_map { [0 <0,1>] [0.12 <1,0.6>] [0.3 <1,0>] [1 <1,0>] }] [0.8 bumps 0.9 scale 0.06] } }
#declare Water = texture { pigment { rgb <0.05,0.05,0.055> } normal { bumps 0.012 scale <0.5,1,0.16> } finish { diffuse 0.35 reflection { 0.03, 1.0 fresnel on } conserve_energy } }
#declare Damp = texture { pigment { granite scale 0.7 color_map { [0 rgb <0.30,0.27,0.255>*0.55] [1 rgb <0.30,0.27,0.255>*0.3] } } normal { granite 0.12 scale 0.2 } finish { diffuse 0.6 reflection { 0.0, 0.55 fresnel on } } }
#declare Crust = texture { pigment { granite scale 1.6 color_map { [0 rgb <0.62,0.58,0.55>] [0.5 rgb <0.47,0.435,0.42>] [1 rgb <0.30,0.27,0.255>] } } normal { Bump } finish { diffuse 0.8 } }
plane { y, 0 texture { function { Sheet(x,y,z) } texture_map { [0 Water] [0.53 Water] [0.537 Damp] [0.565 Crust] [1 Crust] } } interior { ior 1.33 } }
fog { fog_type 2 distance 150 color rgb <0.22,0.17,0.185> fog_offset 0 fog_alt 1.2 }
