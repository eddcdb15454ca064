/** Changes that mend a finding, each tried on the job before it is offered. */
package oddcradle.core.cure;
