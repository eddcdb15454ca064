/** What holds the donor: whether the cradle is whole, its mounts, tabs, bolts and fittings. */
package oddcradle.core.step.cradle;
