/** Knows forms as degrees, keys as tonic and form, how they are spelled, signed and confused. */
package pebblestep.core.scale;
