/** Knows letters, alterations, octaves, intervals and their sounding number; nothing of scales. */
package pebblestep.core.pitch;
