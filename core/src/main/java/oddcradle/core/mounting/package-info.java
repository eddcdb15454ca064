/** Rubber between donor and cradle. */
package oddcradle.core.mounting;
