/** Stock that shops buy; every row says where it is from. */
package oddcradle.core.catalog;
