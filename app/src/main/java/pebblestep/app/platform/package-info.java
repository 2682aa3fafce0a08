/** Knows what every part of the application shares: errors, security, limits, the API document. */
package pebblestep.app.platform;
