// Backdrop: the same flat on a bright overcast morning, pools under broken cloud.
#include "common.inc"
camera { perspective location <0,1.7,0> direction z up y right x*1.5 look_at <0,1.7,1> angle 58 }
light_source { TowardsLight(62,-22)*400 color rgb <0.9,0.86,0.78>*0.42 area_light x*90, y*90, 3, 3 adaptive 0 jitter circular orient }
Sky(rgb <0.55,0.565,0.575>, rgb <0.24,0.31,0.40>, rgb <0.66,0.65,0.64>, 0.62)
#declare Sheet = function { f_noise3d(x*0.11, 8, z*0.17)*0.70 + f_noise3d(x*0.5,5,z*0.9)*0.16 + f_noise3d(x*2.3,9,z*3.1)*0.10 + f_noise3d(x*9,3,z*12)*0.04 }
#declare Bump = normal { average normal_map { [1 granite 0.5 scale 0.25] [0.8 crackle 0.8 scale <0.8,1,0.6> turbulence 0.15 slope_map { [0 <0,1>] [0.12 <1,0.6>] [0.3 <1,0>] [1 <1,0>] }] [0.8 bumps 0.9 scale 0.06] } }
#declare Water = texture { pigment { rgb <0.05,0.05,0.055> } normal { bumps 0.015 scale <0.5,1,0.16> } finish { diffuse 0.35 reflection { 0.03, 1.0 fresnel on } conserve_energy } }
#declare Damp = texture { pigment { granite scale 0.7 color_map { [0 rgb <0.44,0.41,0.39>*0.55] [1 rgb <0.44,0.41,0.39>*0.3] } } normal { granite 0.12 scale 0.2 } finish { diffuse 0.6 reflection { 0.0, 0.55 fresnel on } } }
#declare Crust = texture { pigment { granite scale 1.6 color_map { [0 rgb <0.80,0.78,0.75>] [0.5 rgb <0.66,0.63,0.60>] [1 rgb <0.44,0.41,0.39>] } } normal { Bump } finish { diffuse 0.8 } }
plane { y, 0 texture { function { Sheet(x,y,z) } texture_map { [0 Water] [0.475 Water] [0.483 Damp] [0.525 Crust] [1 Crust] } } interior { ior 1.33 } }
#macro Ridge(D, H, Col, S)
isosurface { function { y - H*(0.30 + 1.5*pow(f_noise3d(x*0.004+S,S,1),2.2) + 0.22*f_noise3d(x*0.02,S,2)) } contained_by { box { <-1200,-5,D>, <1200,H*2.4,D+3> } } max_gradient 1.5 accuracy 0.3 pigment { color Col } finish { emission 1 diffuse 0 } no_shadow }
#end
Ridge(700, 30, rgb <0.36,0.39,0.43>, 5)
fog { fog_type 2 distance 220 color rgb <0.5,0.515,0.53> fog_offset 0 fog_alt 1.5 }
