/** What a frame is made of, holds on to and bears: the question that its analyses answer. */
package oddcradle.core.frame.input;
