/** Knows steps: working them out, and keeping them. */
package pebblestep.app.bench;
