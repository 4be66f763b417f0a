// A lamplighter on stilts with a pole lantern, photographed under a grey noon sky, light from the upper right, soft.
#include "common.inc"
Viewer(2.2, 33, 3/4, 8.9, 0.03)
KeyLight(52, 34, rgb <1.25,1.22,1.16>*0.8, 0.22)
Sky(rgb <0.52,0.53,0.54>, rgb <0.38,0.42,0.47>, rgb <0.66,0.66,0.66>, 0.55)
SandGround(rgb <0.47,0.46,0.44>, rgb <0.30,0.29,0.275>)
#if (!Silhouette)
// a plastered wall well behind, out of focus
box { <-30,0,22>, <30,9,22.3> texture { pigment { granite scale 4 turbulence 0.4 color_map { [0 rgb <0.56,0.54,0.50>] [1 rgb <0.44,0.43,0.41>] } } normal { bumps 0.2 scale 0.2 } } }
#end
#declare Wool = texture {
  pigment { granite scale 0.9 color_map { [0 rgb <0.20,0.135,0.12>] [0.5 rgb <0.265,0.165,0.14>] [1 rgb <0.335,0.22,0.175>] } }
  normal { average normal_map { [1 bumps 0.5 scale 0.012] [1 wrinkles 0.35 scale 0.16] } } finish { diffuse 0.85 } }
#declare Linen = texture { pigment { granite scale 0.6 color_map { [0 rgb <0.50,0.46,0.38>] [1 rgb <0.33,0.30,0.25>] } } normal { wrinkles 0.5 scale 0.09 } }
#declare Skin = texture { pigment { bozo scale 0.06 color_map { [0 rgb <0.62,0.42,0.32>] [1 rgb <0.52,0.33,0.25>] } } finish { specular 0.08 roughness 0.07 } }
#declare Felt = texture { pigment { granite scale 0.3 color_map { [0 rgb <0.16,0.14,0.12>] [1 rgb <0.085,0.075,0.07>] } } normal { bumps 0.4 scale 0.01 } }
#declare Iron = texture { pigment { granite scale 0.15 color_map { [0 rgb <0.10,0.09,0.085>] [0.7 rgb <0.055,0.05,0.05>] [1 rgb <0.20,0.11,0.06>] } } finish { specular 0.4 roughness 0.03 diffuse 0.7 } }

// Coat: a flared skirt of cloth whose folds deepen towards the hem; hangs from the shoulders at 3.45 m.
#declare FoldR = function(x,y,z) { 0.17 + 0.30*pow(max(0,(3.42-y)/1.75),1.05) + 0.07*exp(-pow((y-3.30)/0.16,2)) }
#declare Fold = function(x,y,z) { 0.085*max(0,(3.25-y)/1.7)*sin(8*atan2(z,x)+1.6*sin(y*1.7)+3.0*f_noise3d(x*1.3,y*0.8,z*1.3)) + 0.05*max(0,(3.25-y)/1.7)*sin(17*atan2(z,x)+2*y) }
#declare Coat = isosurface {
  function { sqrt(x*x*0.94 + z*z*1.25) - FoldR(x,y,z) - Fold(x,y,z) - 0.030*f_noise3d(x*5,y*3,z*5) - 0.010*f_noise3d(x*17,y*12,z*17) + 0.9*max(0,y-3.42) + 0.30*max(0,1.75+0.10*sin(5*atan2(z,x))-y)}
  contained_by { box { <-1.1,1.62,-1.1>, <1.1,3.62,1.1> } } accuracy 0.003 max_gradient 3.4 texture { Wool } }
#macro Limb(A, RA, B, RB, C, RC, Tex, Bend)
  union { sphere_sweep { b_spline 5, A+(A-B)*0.4, RA, A, RA, B, RB, C, RC, C+(C-B)*0.4, RC*0.8 tolerance 0.0001 }
    texture { Tex } } 
#end
#declare Arm = isosurface {   // sleeve towards the right with bunched cloth
  function { sqrt(pow(y-(3.28-0.16*x-0.10*sin(x*3)),2)+pow(z+0.10+0.16*x,2)) - (0.125-0.035*x) - 0.030*sin(x*17+2*f_noise3d(x*4,y*4,z*4))*0.6 - 0.03*f_noise3d(x*7,y*7,z*7) }
  contained_by { box { <0.10,2.75,-0.75>, <0.98,3.6,0.25> } } accuracy 0.003 max_gradient 2.5 texture { Wool } }
#declare ArmBack = isosurface {
  function { sqrt(pow(x+0.27-0.28*(3.3-y)*0.4,2)+pow(z+0.02+0.14*(3.3-y),2)) - 0.115 - 0.02*sin(y*19+2*f_noise3d(x*4,y*4,z*4)) - 0.03*f_noise3d(x*7,y*7,z*7) }
  contained_by { box { <-0.65,2.52,-0.45>, <0.1,3.36,0.3> } } accuracy 0.003 max_gradient 2.5 texture { Wool } }
#macro Knuckles(P, S)
  blob { threshold 0.4
    sphere { P, 0.095*S, 1 } sphere { P+<0.05,0.02,-0.03>*S, 0.055*S, 1 } sphere { P+<0.055,-0.02,-0.03>*S, 0.05*S, 1 } sphere { P+<0.045,-0.055,-0.025>*S, 0.05*S, 1 } sphere { P+<0.01,0.06,-0.04>*S, 0.05*S, 1 }
    texture { Skin } }
#end
#declare Lantern = union {
  #local I = 0; #while (I < 6) cylinder { <0.105*cos(I*pi/3),-0.20,0.105*sin(I*pi/3)>, <0.085*cos(I*pi/3),0.12,0.085*sin(I*pi/3)>, 0.011 texture { Iron } } #local I = I+1; #end
  cone { <0,0.12,0>, 0.15, <0,0.26,0>, 0.03 texture { Iron } }
  cylinder { <0,-0.23,0>, <0,-0.20,0>, 0.13 texture { Iron } }
  torus { 0.045, 0.01 rotate x*90 translate y*0.30 texture { Iron } }
  cylinder { <0,-0.20,0>, <0,0.12,0>, 0.085 pigment { gradient y color_map { [0 rgb <1,0.62,0.24>] [1 rgb <1,0.84,0.52>] } scale 0.34 translate -0.21*y } finish { emission 0.95 diffuse 0.3 } } 
}
#declare Figure = union {
  object { Coat } object { Arm } object { ArmBack }
  // scarf
  torus { 0.115, 0.062 scale <1.08,1.1,1> rotate <6,0,-4> translate <0,3.47,0> texture { Linen } }
  isosurface { function { sqrt(pow(x+0.17+0.06*sin(y*4),2)*0.8+pow(z+0.16,2)*6) - 0.075 - 0.012*f_noise3d(x*8,y*8,z*8) } contained_by { box { <-0.4,2.72,-0.4>, <0.1,3.47,0.05> } } accuracy 0.003 max_gradient 4 texture { Linen } }
  // head, hat
  blob { threshold 0.35 sphere { <0.03,3.69,-0.02>, 0.225, 1 } sphere { <0.09,3.63,-0.06>, 0.15, 0.9 } sphere { <0.205,3.665,-0.09>, 0.062, 0.8 } cylinder { <0.0,3.45,0>, <0.01,3.6,0>, 0.15, 0.8 } texture { Skin } }
  blob { threshold 0.35 sphere { <-0.05,3.68,0.03>, 0.23, 1 } sphere { <-0.09,3.56,0.05>, 0.19, 0.8 } texture { pigment { granite scale <0.02,0.2,0.02> color_map { [0 rgb <0.24,0.19,0.15>] [1 rgb <0.11,0.085,0.07>] } } normal { wrinkles 0.6 scale <0.015,0.2,0.015> } } }
  isosurface { function { -ln(exp(-16*(sqrt(pow(x,2)+pow(z,2)*1.1+pow((y-3.78-0.06*x*x-0.05*sin(3*atan2(z,x)+1))*5.5,2)) - 0.33)) + exp(-13*(sqrt(pow(x+0.015,2)+z*z+pow((y-3.88)*0.8,2)) - 0.155)))/14 - 0.012*f_noise3d(x*8,y*8,z*8) }
     contained_by { box { <-0.5,3.55,-0.5>, <0.5,4.2,0.5> } } accuracy 0.002 max_gradient 7 rotate z*-4 texture { Felt } }
  // belt, pouch
  torus { 0.285, 0.026 scale <1.02,1.3,0.86> translate y*2.86 texture { Felt } }
  sphere { 0, 0.11 scale <1,1.15,0.7> translate <-0.22,2.70,-0.28> texture { pigment { granite scale 0.2 color_map { [0 rgb <0.25,0.14,0.07>] [1 rgb <0.14,0.08,0.05>] } } finish { specular 0.15 roughness 0.05 } } }
  // pole with the lantern, held up and out to the right
  union { cylinder { <0.62,2.45,-0.27>, <1.40,4.30,-0.40>, 0.021 } sphere_sweep { cubic_spline 6, <1.3,4.1,-0.4>,0.018 <1.40,4.30,-0.40>,0.018, <1.50,4.40,-0.41>,0.016, <1.60,4.35,-0.42>,0.014, <1.62,4.22,-0.42>,0.012, <1.6,4.1,-0.42>,0.012 tolerance 0.001 } Timber(0.9, 3) }
  object { Lantern translate <1.61,3.86,-0.42> }
  Knuckles(<0.95,3.13,-0.30>, 1.1) Knuckles(<-0.235,2.50,-0.20>, 1.05)
  // legs and stilts
  #local S = -1;
  #while (S <= 1)
    #local Lean = <S*0.10, 0, S*0.16>;
    sphere_sweep { b_spline 5, <S*0.14,2.3,0>,0.16 <S*0.15,1.9,0>,0.155, <S*0.19,1.55,-0.02+S*0.1>,0.125, <S*0.21,1.32,S*0.14>,0.10, <S*0.21,1.1,S*0.14>,0.09 tolerance 0.001 texture { Linen } }
    blob { threshold 0.35 sphere { <S*0.22,1.20,S*0.15>, 0.17, 1 } sphere { <S*0.22+0.11,1.16,S*0.15-0.08>, 0.13, 1 } cylinder { <S*0.22,1.2,S*0.15>, <S*0.21,1.42,S*0.14>, 0.15, 0.8 } texture { pigment { granite scale 0.2 color_map { [0 rgb <0.19,0.12,0.08>] [1 rgb <0.10,0.065,0.05>] } } finish { specular 0.2 roughness 0.04 } } }
    box { <-0.15,-0.02,-0.13>, <0.17,0.02,0.13> translate <S*0.22+0.03,1.09,S*0.15> Timber(0.8, 7+S) }
    cone { <S*0.245,1.52,S*0.17>, 0.040, <S*0.36,0.0,S*0.30>, 0.052 Timber(1.0, 11+S) }
    torus { 0.058, 0.018 rotate <S*3,0,S*4> translate <S*0.255,1.36,S*0.18> texture { Linen } }
    torus { 0.058, 0.018 rotate <S*3,0,S*4> translate <S*0.258,1.31,S*0.183> texture { Linen } }
    cylinder { <S*0.355,0.12,S*0.295>, <S*0.36,0,S*0.30>, 0.062 texture { Iron } }
    #local S = S + 2;
  #end
}
#declare Thing = object { Figure rotate y*-10 translate <-0.30,0,8.6> }
object { Thing }
#ifdef (Edges) TraceEdges(Thing, 2.2, 33, 3/4, function { 0 }, transform { translate 0 }, 0) #end
