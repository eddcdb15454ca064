/**
 * The practice bench: small made-up machines with simulated instruments, on which a learner measures, seats, aligns, chooses mounts and
 * balances, and is told how far off and why.
 *
 * <p>What acts: an {@link oddcradle.core.practice.Exercise} holds the truth, and every reading is made from it by the same mechanics as
 * the program's own, with the noise, the steps and the faults of a real instrument (a worn hook, a bracket that sags, a foot that does not
 * stand, rubber that is not as marked). Faults are such as a check reading shows; luck alone must not decide, so what is allowed is
 * well beyond the noise. {@link oddcradle.core.practice.Bench} holds what the learner has done. The core has no source of chance: whoever opens a
 * bench brings one, and the same one makes the same machine.
 */
package oddcradle.core.practice;
