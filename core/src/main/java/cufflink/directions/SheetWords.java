package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What words say of a sheet: its published size, how many there are. */
final class SheetWords {
    private SheetWords() {
    }

    static boolean isPaperSize(Phrase sheet) {
        return paperSize(sheet).isPresent();
    }

    /** "A5", not "a sheet of A5". */
    static boolean isNamedSize(Phrase phrase) {
        return phrase.is(Kind.SHEET) && !phrase.detail().contains("sheet") && isPaperSize(phrase);
    }

    static Optional<NamedSize> paperSize(Phrase sheet) {
        return List.of(sheet.detail().toLowerCase(Locale.ROOT).split(" ")).stream()
                .flatMap(word -> PublishedSizes.named(NamedSize.Kind.SHEET, word).stream()).findFirst();
    }

    static Said side(Length side, Phrase phrase) {
        boolean metric = side.nanometres() % 1_000_000 == 0;
        return new Said(side, metric ? LengthUnit.MILLIMETRE : LengthUnit.INCH, false,
                phrase.span());
    }

    /** The same in the other unit. */
    static boolean isInBrackets(Clause part, Phrase size) {
        int at = part.body().indexOf(size);
        return at > 1 && part.body().get(at - 1).is(Kind.MARK, "(") && part.body().get(at - 2).is(Kind.SIZE);
    }

    /** "One sheet of" counts; "a sheet of" does not. */
    static int count(Clause part, Phrase sheet) {
        int at = part.body().indexOf(sheet);
        if (at > 1 && part.body().get(at - 1).is(Kind.WORD, "single")) {
            return 1;
        }
        for (int i = Math.max(0, at - 2); i < at; i++) {
            Phrase phrase = part.body().get(i);
            boolean outOf = i > 1 && part.body().get(i - 1).is(Kind.RELATION, "of")
                    && part.body().get(i - 2).is(Kind.RELATION, "out");
            if (phrase.is(Kind.LENGTH) && phrase.amounts().get(0).plain() && (outOf
                    || Attributes.relation(part.body(), i).filter(word -> word.equals("from") || word.equals("out"))
                            .isPresent())) {
                return phrase.amounts().get(0).count();
            }
        }
        return 0;
    }
}
