/** Vectors, matrices and the linear algebra behind the analyses; no engineering knowledge. EJML is used here only. */
package oddcradle.core.math;
