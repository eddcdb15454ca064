/** Balancing what turns: masses, holes and plugs, trial weights in one and two planes, grades of ISO 21940-11. */
package oddcradle.core.balance;
