/** Knows the student's side: what to practise today, and the log of takes. */
package pebblestep.app.practice;
