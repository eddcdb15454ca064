/** The machine as it stands on the shop floor: 3-D and drawn views with chalk marks. */
package oddcradle.desktop.stand;
