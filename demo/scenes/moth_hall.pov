// Backdrop: a round hall of plaster, one tall window on the left by day, an iron stove on the right with its door open.
#include "common.inc"
camera { perspective location <0,1.55,0> direction z up y right x look_at <0,1.55,1> angle 60 }
#declare R = 5.2;
#declare Turn = 46; // the window: so far round from straight left
#declare Wood = texture { pigment { wood turbulence 0.1 octaves 3 scale <0.05,0.05,1> color_map { [0 rgb <0.17,0.12,0.085>] [0.5 rgb <0.21,0.15,0.105>] [1 rgb <0.13,0.09,0.065>] } } finish { diffuse 0.75 specular 0.1 roughness 0.05 } }
#declare Plaster = texture { pigment { granite scale 2.2 turbulence 0.35 color_map { [0 rgb <0.60,0.53,0.44>] [0.5 rgb <0.50,0.44,0.365>] [0.85 rgb <0.42,0.37,0.31>] [1 rgb <0.30,0.255,0.21>] } }
  normal { average normal_map { [1 bumps 0.25 scale 0.25] [1 granite 0.25 scale 0.5] } } finish { diffuse 0.8 } }
#declare Iron = texture { pigment { granite scale 0.2 color_map { [0 rgb <0.075,0.07,0.068>] [0.7 rgb <0.05,0.047,0.046>] [1 rgb <0.13,0.075,0.05>] } } normal { bumps 0.25 scale 0.03 } finish { diffuse 0.7 specular 0.35 roughness 0.06 } }
// daylight: the window itself shines, and a soft lamp of its size stands in it
light_source { <-4.9,2.6,0> color rgb <0.78,0.90,1.08>*2.1 area_light <0,0,1.5>, <0,2.7,0>, 5, 7 adaptive 1 jitter fade_distance 3.4 fade_power 2 rotate y*Turn translate z*4.6 }
// the fire
light_source { <2.72,0.72,6.42> color rgb <1.0,0.43,0.13>*1.25 area_light x*0.4, y*0.3, 3, 3 adaptive 1 jitter fade_distance 1.5 fade_power 2 }
difference {
  cylinder { <0,-0.01,4.6>, <0,6.2,4.6>, R+0.5 }
  cylinder { <0,-0.1,4.6>, <0,6.3,4.6>, R }
  // arched opening
  union { box { <-7,1.15,-0.75>, <-3,3.55,0.75> } cylinder { <-7,3.55,0>, <-3,3.55,0>, 0.75 } rotate y*Turn translate z*4.6 }
  texture { Plaster }
}
// the pane outside: a bright even sky
box { <-6.3,0.5,-3>, <-6.2,6,3> pigment { gradient y color_map { [0 rgb <0.66,0.74,0.80>] [1 rgb <0.80,0.90,1.0>] } scale 6 } finish { emission 1.0 diffuse 0 } no_shadow rotate y*Turn translate z*4.6 }
#macro Bar(A,B,Rad) cylinder { A, B, Rad texture { Iron } rotate y*Turn translate z*4.6 } #end
#local I = -1; #while (I <= 1) Bar(<-5.35,1.15,I*0.375>, <-5.35,4.3,I*0.375>, 0.022) #local I = I+1; #end
#local I = 0; #while (I < 5) Bar(<-5.35,1.15+I*0.6,-0.75>, <-5.35,1.15+I*0.6,0.75>, 0.018) #local I = I+1; #end
// sill, skirting, a picture rail all round
difference { cylinder { <0,0,4.6>, <0,0.24,4.6>, R } cylinder { <0,-0.1,4.6>, <0,0.3,4.6>, R-0.05 } texture { Wood } }
torus { R-0.02, 0.045 translate <0,3.05,4.6> texture { Wood } }
difference { cylinder { <0,0,4.6>, <0,1.02,4.6>, R-0.004 } cylinder { <0,-0.1,4.6>, <0,1.1,4.6>, R-0.02 }
  texture { pigment { radial frequency 84 color_map { [0 rgb <0.20,0.15,0.11>] [0.03 rgb <0.07,0.05,0.04>] [0.06 rgb <0.23,0.17,0.125>] [1 rgb <0.19,0.145,0.105>] } translate <0,0,4.6> } normal { bumps 0.2 scale <0.05,0.6,0.05> } finish { diffuse 0.75 specular 0.08 roughness 0.05 } } }
torus { R-0.03, 0.04 translate <0,1.04,4.6> texture { Wood } }
// a ceiling of dark boards over beams
plane { -y, -5.6 texture { pigment { rgb <0.12,0.09,0.065> } finish { diffuse 0.7 } } }
#local I = -3; #while (I <= 3) box { <I*1.5-0.11,5.25,-1>, <I*1.5+0.11,5.62,10.4> texture { Wood } } #local I = I+1; #end
// planks; worn and faintly shining
plane { y, 0
  texture { pigment { wood turbulence 0.06 octaves 3 scale <0.09,0.09,1.6> rotate <0.4,0,0> color_map { [0 rgb <0.26,0.185,0.125>] [0.5 rgb <0.31,0.225,0.155>] [1 rgb <0.20,0.14,0.095>] } }
    normal { gradient x 0.9 slope_map { [0 <0,1>] [0.03 <1,0>] [0.97 <1,0>] [1 <0,-1>] } scale <0.19,1,1> } finish { diffuse 0.75 specular 0.15 roughness 0.04 reflection { 0.0, 0.22 fresnel on } } }
  texture { pigment { gradient x color_map { [0 rgbt <0.02,0.015,0.01,0.15>] [0.035 rgbt 1] [1 rgbt 1] } scale <0.19,1,1> } }
  interior { ior 1.4 } }
// a round rug, worn through in the middle
cylinder { <0,0,5.1>, <0,0.014,5.1>, 1.75 texture { pigment { cylindrical scale 1.75 color_map { [0 rgb <0.20,0.09,0.075>] [0.08 rgb <0.20,0.09,0.075>] [0.09 rgb <0.42,0.33,0.22>] [0.14 rgb <0.42,0.33,0.22>] [0.15 rgb <0.13,0.12,0.15>] [0.5 rgb <0.17,0.15,0.17>] [1 rgb <0.26,0.22,0.2>] } translate <0,0,5.1> } normal { granite 0.5 scale 0.05 } finish { diffuse 0.8 } } }
// the stove: drum, rings, pipe, open door with embers
union {
  cylinder { <0,0.16,0>, <0,1.32,0>, 0.40 } torus { 0.405, 0.03 translate y*0.2 } torus { 0.405, 0.026 translate y*0.98 } torus { 0.41, 0.035 translate y*1.32 }
  cylinder { <0,1.3,0>, <0,1.4,0>, 0.34 } cylinder { <0,1.35,0>, <0,6,0>, 0.10 } torus { 0.105, 0.018 translate y*2.3 } torus { 0.105, 0.018 translate y*3.6 }
  cone { <-0.26,0,-0.22>, 0.035, <-0.22,0.2,-0.18>, 0.05 } cone { <0.26,0,-0.22>, 0.035, <0.22,0.2,-0.18>, 0.05 } cone { <0,0,0.3>, 0.035, <0,0.2,0.25>, 0.05 }
  box { <-0.2,-0.16,-0.012>, <0.2,0.16,0.012> rotate y*-100 translate <-0.44,0.72,-0.5> }
  texture { Iron } translate <2.7,0,6.9>
}
box { <-0.2,-0.15,-0.012>, <0.2,0.15,0.02> texture { pigment { bozo scale 0.06 turbulence 0.5 color_map { [0 rgb <1.0,0.36,0.07>] [0.45 rgb <1.0,0.55,0.16>] [0.75 rgb <1.0,0.80,0.40>] [1 rgb <0.6,0.12,0.02>] } } finish { emission 1.0 diffuse 0 } } translate <2.7,0.72,6.495> no_shadow no_reflection }
// firewood and a chest in the half dark
#local I = 0; #while (I < 7) cylinder { <-0.32,0,0>, <0.32,0,0>, 0.065 rotate y*(6*sin(I*2.1)) translate <3.85,0.07+0.125*floor(I/3),6.7+0.15*mod(I,3)> Timber(0.9, I) } #local I = I+1; #end
box { <-0.7,0,-0.35>, <0.7,0.55,0.35> texture { Wood rotate y*90 } rotate y*-24 translate <-1.2,0,8.9> }
