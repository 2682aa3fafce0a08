/** Knows studios and teachers: signing up, in and out. */
package pebblestep.app.accounts;
