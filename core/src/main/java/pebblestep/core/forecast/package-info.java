/** Knows whether a target tempo will be met by its date, from the takes so far. */
package pebblestep.core.forecast;
