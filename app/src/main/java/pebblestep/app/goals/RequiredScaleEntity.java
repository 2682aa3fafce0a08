package pebblestep.app.goals;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import pebblestep.core.pitch.NoteName;
import pebblestep.core.practice.RequiredScale;
import pebblestep.core.rhythm.Bpm;
import pebblestep.core.rhythm.Fraction;
import pebblestep.core.scale.Forms;
import pebblestep.core.scale.Key;

/** A scale that a student has to be able to play by a day. */
@Entity
@Table(name = "required_scales")
class RequiredScaleEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;

    Long studioId;
    Long studentId;
    String tonic;
    String form;
    int octaves;
    String noteValue;
    BigDecimal bpm;
    LocalDate dueOn;
    boolean removed;
    Instant createdAt;

    void fill(RequiredScale scale) {
        tonic = scale.key().tonic().id();
        form = scale.key().form().id();
        octaves = scale.octaves();
        noteValue = scale.value().toString();
        bpm = scale.bpm().value();
        dueOn = scale.date();
    }

    RequiredScale scale() {
        return new RequiredScale(
                Key.of(NoteName.parse(tonic), Forms.of(form)), octaves, Fraction.parse(noteValue), Bpm.of(bpm), dueOn);
    }
}
