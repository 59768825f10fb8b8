package cufflink.directions;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * In what unit a bare number is: that which most of the text's numbers have; where none has any, the one that the text
 * names; else by what the numbers look like. Halves and eighths are inches; a text that knows whole numbers alone, and
 * large ones, is in millimetres.
 *
 * @param unit    of a bare number
 * @param guessed whether no number of the text has a unit
 */
record UnitRule(WrittenUnit unit, boolean guessed) {
    /** No card is so many inches long. */
    private static final long MOST_INCHES = 36;

    static UnitRule of(List<Phrase> phrases, Optional<LengthUnit> wanted) {
        if (wanted.isPresent()) {
            return new UnitRule(WrittenUnit.of(wanted.get()), false);
        }
        Map<WrittenUnit, Integer> counts = new EnumMap<>(WrittenUnit.class);
        List<Amount> amounts = phrases.stream().filter(phrase -> !phrase.is(Phrase.Kind.COUNT))
                .flatMap(phrase -> phrase.amounts().stream()).toList();
        amounts.forEach(amount -> amount.unit().ifPresent(unit -> counts.merge(unit, 1, Integer::sum)));
        Optional<WrittenUnit> most = counts.entrySet().stream().max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey);
        if (most.isPresent()) {
            return new UnitRule(most.get(), false);
        }
        Optional<WrittenUnit> said = phrases.stream().filter(phrase -> phrase.is(Phrase.Kind.WORD))
                .flatMap(phrase -> WrittenUnit.named(phrase.detail()).stream()).findFirst();
        if (said.isPresent()) {
            return new UnitRule(said.get(), false); // "all in cm"
        }
        boolean large = phrases.stream().filter(phrase -> phrase.is(Phrase.Kind.SIZE))
                .flatMap(phrase -> phrase.amounts().stream())
                .anyMatch(amount -> amount.length(WrittenUnit.INCH).isLongerThan(Length.ofInches(MOST_INCHES)));
        return new UnitRule(large ? WrittenUnit.MILLIMETRE : WrittenUnit.INCH,
                amounts.stream().noneMatch(Amount::isFraction));
    }
}
