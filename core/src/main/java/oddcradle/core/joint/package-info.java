/** Bolts, welds, tabs, sleeves, collars and fits: what joins engine, mount and tube. Lengths m, forces N, stresses Pa. */
package oddcradle.core.joint;
