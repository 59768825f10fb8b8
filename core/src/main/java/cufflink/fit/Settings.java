package cufflink.fit;

import cufflink.design.DesignDefinition;
import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.words.FitWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Which of the measures set by hand stand in the way of a wish: found by leaving out each in turn. */
final class Settings {
    private Settings() {
    }

    /** Those without which it is possible; empty if none is to blame alone. */
    static Optional<Message> inTheWay(DesignDefinition definition, Given given, Predicate<Given> possible) {
        List<String> names = definition.measures().stream().filter(
                measure -> (given.values().containsKey(measure.name()) || given.contents().containsKey(measure.name()))
                        && possible.test(given.without(measure.name())))
                .map(measure -> text(measure, given)).toList();
        return names.isEmpty() ? Optional.empty()
                : Optional.of(FitWords.IN_THE_WAY.of("settings", String.join(" or ", names)));
    }

    private static String text(Measure measure, Given given) {
        return "“" + measure.label() + "” " + given.text(measure.name());
    }
}
