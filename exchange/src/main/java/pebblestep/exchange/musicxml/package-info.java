/** Scores as MusicXML 4.0: what is written in core goes out as it stands on paper, and what others wrote comes in as a line. */
@org.jspecify.annotations.NullMarked
package pebblestep.exchange.musicxml;
