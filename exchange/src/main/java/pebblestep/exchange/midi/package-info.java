/** What sounds as a Standard MIDI File 1.0, and such files as lines. */
@org.jspecify.annotations.NullMarked
package pebblestep.exchange.midi;
