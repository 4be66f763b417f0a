// A brass orrery, turned and true about its axis, by a workshop window on the left; soft and cool, from the upper left; seen from where the court is seen.
#include "common.inc"
Viewer(1.55, 28, 3/4, 5.3, 0.02)
KeyLight(150, 32, rgb <1.2,1.24,1.3>*0.9, 0.16)
Sky(rgb <0.46,0.47,0.49>, rgb <0.34,0.36,0.40>, rgb <0.6,0.6,0.6>, 0.3)
SandGround(rgb <0.36,0.34,0.32>, rgb <0.26,0.24,0.225>)
#if (!Silhouette) box { <-30,0,9>, <30,12,9.3> texture { pigment { granite scale 3 color_map { [0 rgb <0.36,0.35,0.34>] [1 rgb <0.28,0.27,0.265>] } } } } #end
#declare Brass = texture { pigment { granite scale 0.25 color_map { [0 rgb <0.62,0.43,0.17>] [0.7 rgb <0.55,0.37,0.14>] [1 rgb <0.34,0.24,0.11>] } } normal { bumps 0.03 scale 0.02 } finish { diffuse 0.55 specular 0.7 roughness 0.03 metallic brilliance 1.6 reflection { 0.10 metallic } } }
#declare Dark = texture { pigment { rgb <0.10,0.075,0.05> } finish { diffuse 0.6 specular 0.4 roughness 0.02 metallic } }
#declare Thing = union {
  // foot and column, turned
  lathe { bezier_spline 16,
    <0,0> <0.34,0> <0.36,0.02> <0.34,0.05>,  <0.34,0.05> <0.30,0.10> <0.16,0.10> <0.10,0.17>,
    <0.10,0.17> <0.05,0.24> <0.075,0.30> <0.05,0.40>,  <0.05,0.40> <0.03,0.52> <0.06,0.60> <0,0.64> texture { Brass } }
  torus { 0.085, 0.022 translate y*0.205 texture { Brass } } torus { 0.062, 0.015 translate y*0.42 texture { Dark } }
  cylinder { <0,0.6,0>, <0,1.5,0>, 0.022 texture { Brass } }
  sphere { <0,1.12,0>, 0.15 texture { Brass } } // the sun
  torus { 0.152, 0.010 translate y*1.12 texture { Dark } }
  // rings about one axis, each with two balls that balance
  #macro Ring(Rad, H, Thick, Ball)
    torus { Rad, Thick translate y*H texture { Brass } }
    #local S = -1; #while (S <= 1)
      cylinder { <S*0.02,H,0>, <S*Rad,H,0>, Thick*0.7 texture { Brass } }
      cylinder { <S*Rad,H,0>, <S*Rad,H+0.10,0>, 0.008 texture { Dark } } sphere { <S*Rad,H+0.10+Ball,0>, Ball texture { Brass } }
      #local S = S+2; #end
  #end
  Ring(0.30, 0.78, 0.012, 0.035) Ring(0.44, 0.70, 0.013, 0.055) Ring(0.58, 0.86, 0.014, 0.045)
  // two meridians standing up, crossed
  torus { 0.40, 0.013 rotate x*90 translate y*1.12 texture { Brass } } torus { 0.37, 0.010 rotate x*90 rotate y*90 translate y*1.12 texture { Brass } }
  lathe { linear_spline 6, <0,1.49> <0.03,1.50> <0.045,1.54> <0.02,1.58> <0.012,1.64> <0,1.66> texture { Brass } }
}
object { Thing translate <0,0,5.3> }
