// Somebody in a cloak of moth wings, seen from a little aside; a hard low light from the right, as at a late window.
#include "common.inc"
Viewer(1.5, 31, 3/4, 4.8, 0.02)
KeyLight(24, 22, rgb <1.3,1.2,1.05>*0.95, 0.06)
Sky(rgb <0.30,0.31,0.33>, rgb <0.22,0.24,0.27>, rgb <0.5,0.5,0.5>, 0.3)
SandGround(rgb <0.40,0.37,0.335>, rgb <0.27,0.25,0.23>)
#if (!Silhouette) box { <-30,0,11>, <30,12,11.3> texture { pigment { granite scale 3 color_map { [0 rgb <0.42,0.40,0.38>] [1 rgb <0.33,0.315,0.30>] } } } } #end
#declare Skin = texture { pigment { bozo scale 0.05 color_map { [0 rgb <0.50,0.34,0.26>] [1 rgb <0.42,0.275,0.21>] } } finish { specular 0.1 roughness 0.06 } }
#declare Hair = texture { pigment { granite scale <0.012,0.12,0.012> color_map { [0 rgb <0.20,0.16,0.13>] [1 rgb <0.07,0.058,0.05>] } } normal { wrinkles 0.6 scale <0.012,0.12,0.012> } finish { specular 0.2 roughness 0.05 } }
// Wings: rows of eyes round the cloth, larger to the hem. A is round, V is down, both in eyes.
#declare Row = function(y) { (1.52-y)*2.9 }
#declare Round = function(x,z) { atan2(x,-z)*9/(2*pi) }
#declare Eye = function(x,y,z) { sqrt(pow((Round(x,z)+0.5*mod(floor(Row(y)),2) - floor(Round(x,z)+0.5*mod(floor(Row(y)),2)) - 0.5)*1.0,2) + pow((Row(y)-floor(Row(y))-0.5)*1.05,2)) }
#declare Wing = texture { pigment { function { min(0.999, Eye(x,y,z)*1.45 + 0.06*(f_noise3d(x*30,y*30,z*30)-0.5)) }
    color_map { [0 rgb <0.03,0.028,0.03>] [0.16 rgb <0.035,0.03,0.035>] [0.19 rgb <0.62,0.42,0.12>] [0.30 rgb <0.60,0.38,0.11>] [0.33 rgb <0.16,0.07,0.06>] [0.45 rgb <0.24,0.11,0.08>] [0.48 rgb <0.56,0.50,0.40>] [0.56 rgb <0.50,0.44,0.35>] [0.60 rgb <0.27,0.21,0.165>] [1 rgb <0.20,0.155,0.125>] } }
  normal { average normal_map { [1 bumps 0.35 scale 0.008] [1 wrinkles 0.2 scale <0.02,0.2,0.02>] } } finish { diffuse 0.85 } }
#declare FoldR = function(y) { 0.105 + 0.43*pow(max(0,(1.50-y)/1.5),0.85) }
#declare Fold = function(x,y,z) { 0.060*max(0,(1.40-y)/1.4)*sin(9*atan2(z,x)+1.2*sin(y*2.2)+2.2*f_noise3d(x*2,y*1.4,z*2)) + 0.02*max(0,(1.4-y)/1.4)*sin(21*atan2(z,x)+3*y) }
#declare Thing = union {
  isosurface { function { sqrt(x*x*0.92 + z*z*1.22) - FoldR(y) - Fold(x,y,z) - 0.012*f_noise3d(x*9,y*6,z*9) + 0.9*max(0,y-1.46) }
    contained_by { box { <-0.75,0.012,-0.75>, <0.75,1.60,0.75> } } accuracy 0.002 max_gradient 3.2 texture { Wing } }
  // a stiff collar like two wings folded up
  isosurface { function { abs(sqrt(x*x+pow(z-0.02,2)) - 0.125 - 0.32*max(0,y-1.40)) - 0.010 + 0.9*max(0,y-1.60-0.11*abs(sin(1.5*atan2(x,z)))) + 2.0*max(0,-0.06-z+0.20*(1.60-y)) }
    contained_by { box { <-0.34,1.38,-0.3>, <0.34,1.78,0.34> } } accuracy 0.0015 max_gradient 4 texture { pigment { granite scale 0.1 color_map { [0 rgb <0.34,0.17,0.10>] [1 rgb <0.22,0.11,0.075>] } } normal { bumps 0.3 scale 0.008 } } }
  // head and knotted hair
  blob { threshold 0.35 sphere { <0,1.69,0>, 0.135, 1 } sphere { <0.008,1.645,-0.045>, 0.095, 0.9 } sphere { <0.01,1.665,-0.112>, 0.030, 0.8 } sphere { <0.006,1.612,-0.07>, 0.055, 0.7 } cylinder { <0,1.46,0.01>, <0,1.63,0.01>, 0.085, 0.9 } texture { Skin } }
  blob { threshold 0.35 sphere { <0,1.725,0.035>, 0.145, 1 } sphere { <0,1.66,0.065>, 0.12, 0.8 } sphere { <0,1.82,0.06>, 0.085, 1 } texture { Hair } }
  // feelers of wire, as moths have
  #local S = -1; #while (S <= 1) sphere_sweep { b_spline 6, <S*0.03,1.70,-0.08>,0.006 <S*0.05,1.78,-0.09>,0.006, <S*0.09,1.88,-0.11>,0.005, <S*0.16,1.95,-0.12>,0.004, <S*0.25,1.97,-0.11>,0.003, <S*0.34,1.95,-0.1>,0.003 tolerance 0.0005 pigment { rgb <0.25,0.18,0.09> } finish { specular 0.4 roughness 0.02 metallic } } #local S = S+2; #end
}
object { Thing rotate y*-16 translate <0,0,4.8> }
