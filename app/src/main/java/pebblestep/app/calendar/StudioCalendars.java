package pebblestep.app.calendar;

import org.springframework.data.jpa.repository.JpaRepository;

interface StudioCalendars extends JpaRepository<StudioCalendarEntity, Long> {}
