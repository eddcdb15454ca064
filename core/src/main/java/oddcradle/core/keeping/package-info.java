/** What is kept once the engine is in: the first start, evenings of work, money. */
package oddcradle.core.keeping;
