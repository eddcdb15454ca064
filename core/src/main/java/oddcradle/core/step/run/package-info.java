/** What to watch when it runs. */
package oddcradle.core.step.run;
