/** Knows the made-up studio of the demo. */
package pebblestep.app.demo;
