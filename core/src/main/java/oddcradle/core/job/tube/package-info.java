/** Nodes and tubes of host and cradle. */
package oddcradle.core.job.tube;
