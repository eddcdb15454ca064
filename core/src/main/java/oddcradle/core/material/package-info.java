/** What members are made of. */
package oddcradle.core.material;
