package pebblestep.documents;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import pebblestep.core.harmony.ChordChart;
import pebblestep.core.harmony.Company;
import pebblestep.documents.StepDocument.CompanyPart;

/** The harmony beside the line of a step document. */
final class CompanyFields {
    private CompanyFields() {}

    static Company read(@Nullable CompanyPart part) {
        if (part == null) return Company.NONE;
        return new Company(
                Optional.ofNullable(part.chords()),
                StepDocuments.or(part.bass(), false),
                Optional.ofNullable(part.symbols()).map(ChordChart::parse));
    }

    static @Nullable CompanyPart write(Company company) {
        if (company.equals(Company.NONE)) return null;
        return new CompanyPart(
                company.chords().orElse(null),
                company.bass() ? true : null,
                company.chart().map(ChordChart::text).orElse(null));
    }
}
