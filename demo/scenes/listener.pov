// A head and shoulders, listening: soft light from the upper right as under a north skylight.
#include "common.inc"
Viewer(1.45, 22, 4/5, 2.4, 0.02)
KeyLight(40, 40, rgb <1.16,1.18,1.2>*0.86, 0.20)
Sky(rgb <0.40,0.41,0.43>, rgb <0.32,0.34,0.38>, rgb <0.55,0.55,0.55>, 0.3)
#if (!Silhouette) box { <-30,0,6>, <30,12,6.3> texture { pigment { granite scale 2 color_map { [0 rgb <0.33,0.32,0.31>] [1 rgb <0.27,0.262,0.255>] } } } } plane { y,0 pigment { rgb 0.3 } } #end
#declare Skin = texture { pigment { bozo scale 0.035 turbulence 0.3 color_map { [0 rgb <0.66,0.45,0.35>] [0.6 rgb <0.60,0.395,0.305>] [1 rgb <0.56,0.34,0.27>] } } normal { bumps 0.08 scale 0.004 } finish { diffuse 0.82 specular 0.10 roughness 0.05 } }
#declare Lip = texture { pigment { rgb <0.50,0.24,0.20> } normal { bumps 0.15 scale 0.006 } finish { diffuse 0.8 specular 0.18 roughness 0.04 } }
#declare Hair = texture { pigment { granite scale <0.010,0.10,0.010> color_map { [0 rgb <0.34,0.20,0.11>] [0.6 rgb <0.22,0.125,0.07>] [1 rgb <0.12,0.07,0.045>] } } normal { wrinkles 0.7 scale <0.008,0.10,0.008> } finish { specular 0.22 roughness 0.05 diffuse 0.8 } }
#declare Felt = texture { pigment { granite scale 0.06 color_map { [0 rgb <0.13,0.17,0.19>] [1 rgb <0.075,0.105,0.125>] } } normal { bumps 0.5 scale 0.006 } finish { diffuse 0.85 } }
#declare Face = blob { threshold 0.5
  sphere { <0,0.055,0.02>, 0.175, 1.6 }                      // skull
  sphere { <0,-0.020,-0.045>, 0.120, 0.9 }                    // face
  sphere { <0,-0.100,-0.058>, 0.078, 0.95 }                    // chin
  sphere { <-0.048,-0.045,-0.060>, 0.062, 0.45 } sphere { <0.048,-0.045,-0.060>, 0.062, 0.45 } // cheeks
  sphere { <-0.036,0.022,-0.105>, 0.036, 0.35 } sphere { <0.036,0.022,-0.105>, 0.036, 0.35 }   // brows
  cylinder { <0,0.018,-0.108>, <0,-0.030,-0.138>, 0.024, 0.75 } sphere { <0,-0.034,-0.136>, 0.028, 0.7 } // nose
  sphere { <-0.016,-0.040,-0.122>, 0.019, 0.5 } sphere { <0.016,-0.040,-0.122>, 0.019, 0.5 }
  sphere { <-0.034,0.000,-0.122>, 0.030, -0.75 } sphere { <0.034,0.000,-0.122>, 0.030, -0.75 }   // sockets
  sphere { <0,-0.070,-0.112>, 0.034, 0.30 }
  cylinder { <0,-0.10,0.015>, <0,-0.26,0.02>, 0.085, 1.2 }   // neck
  texture { Skin } }
#declare Head = union {
  object { Face }
  // eyes under half closed lids
  #local S = -1; #while (S <= 1)
    sphere { <S*0.034,-0.001,-0.094>, 0.0175 pigment { rgb <0.62,0.60,0.57> } finish { specular 0.5 roughness 0.008 diffuse 0.8 } }
    sphere { <S*0.034-0.002,-0.004,-0.1020>, 0.0108 pigment { rgb <0.075,0.05,0.035> } finish { specular 0.7 roughness 0.005 } }
    difference { sphere { <S*0.034,-0.001,-0.094>, 0.0195 } plane { y, -0.0015 rotate x*14 translate <0,-0.001,-0.094> } texture { Skin } }
    difference { sphere { <S*0.034,-0.001,-0.094>, 0.0190 } plane { -y, 0.009 rotate x*-10 translate <0,-0.001,-0.094> } texture { Skin } }
    sphere_sweep { b_spline 5, <S*0.006,0.026,-0.118>,0.004 <S*0.020,0.036,-0.122>,0.0055, <S*0.040,0.041,-0.114>,0.005, <S*0.060,0.034,-0.094>,0.003, <S*0.07,0.028,-0.08>,0.002 tolerance 0.0004 texture { Hair } }
    sphere { 0, 0.034 scale <0.35,1,0.65> rotate y*S*-24 translate <S*0.112,-0.008,0.012> texture { Skin } }
    #local S = S+2; #end
  blob { threshold 0.4 cylinder { <-0.020,-0.066,-0.114>, <0.020,-0.066,-0.114>, 0.011, 0.9 } sphere { <0,-0.0635,-0.121>, 0.010, 0.5 } texture { Lip } }
  blob { threshold 0.4 cylinder { <-0.016,-0.0755,-0.113>, <0.016,-0.0755,-0.113>, 0.012, 0.95 } texture { Lip } }
  // hair: a cap drawn back, and a plait round the head
  difference { blob { threshold 0.5 sphere { <0,0.070,0.032>, 0.194, 1.6 } sphere { <0,0.0,0.07>, 0.16, 1.0 } } plane { z, 0 rotate x*-28 translate <0,0.075,-0.064> } texture { Hair } }
  #local I = 0; #while (I < 26) #local T = I/25*pi; sphere { 0, 0.030 scale <1,0.72,0.9> rotate z*(30+20*mod(I,2)) translate <-0.135*cos(T),0.085+0.115*sin(T),-0.004+0.012*mod(I,2)> texture { Hair } } #local I = I+1; #end
}
#declare Thing = union {
  object { Head rotate <6,28,-4> translate <0,1.52,0> }
  // shoulders under felt, a standing collar
  isosurface { function { -ln(exp(-22*(sqrt(pow(x*0.52,2)+pow((y-1.12)*1.0,2)+pow(z*0.95,2)) - 0.135)) + exp(-22*(sqrt(x*x+z*z*1.1) - 0.082 - 0.10*max(0,1.32-y) + 0.9*max(0,y-1.345))))/22 - 0.010*f_noise3d(x*11,y*7,z*11) - 0.006*sin(26*x+8*y) }
    contained_by { box { <-0.42,1.02,-0.3>, <0.42,1.40,0.3> } } accuracy 0.0012 max_gradient 4 texture { Felt } }
  torus { 0.092, 0.016 scale <1,1.4,0.98> rotate x*6 translate <0,1.335,0.004> texture { pigment { rgb <0.46,0.34,0.16> } normal { wrinkles 0.5 scale 0.02 } } }
  sphere { <0.012,1.325,-0.100>, 0.017 pigment { rgb <0.55,0.38,0.15> } finish { specular 0.7 roughness 0.02 metallic diffuse 0.6 } }
}
object { Thing translate <0,0,2.4> }
