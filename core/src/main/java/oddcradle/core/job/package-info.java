/**
 * The job: everything a builder has measured, chosen and drawn, as one immutable value, and the edits that turn one job
 * into the next. All values SI. Donor parts are in donor axes, everything else in host axes (X forward, Y left, Z up).
 */
package oddcradle.core.job;
