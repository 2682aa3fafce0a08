/** The music and practice rules of Pebble Step. The only type here is the one class of errors all packages share. */
package pebblestep.core;
