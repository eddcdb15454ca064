/** What is cut: copes, wraps, lengths. */
package oddcradle.core.shop;
