/** Knows what students are asked about keys, and how they answered. */
package pebblestep.app.quiz;
