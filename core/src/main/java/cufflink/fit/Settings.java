package cufflink.fit;

import cufflink.design.DesignDefinition;
import cufflink.design.Given;
import cufflink.design.Measure;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Which of the measures set by hand stand in the way of a wish: found by leaving out each in turn. */
final class Settings {
    private Settings() {
    }

    /** A sentence that names those without which it is possible; empty if none is to blame alone. */
    static String inTheWay(DesignDefinition definition, Given given, Predicate<Given> possible) {
        List<String> names = definition.measures().stream().filter(
                measure -> (given.values().containsKey(measure.name()) || given.contents().containsKey(measure.name()))
                        && possible.test(given.without(measure.name())))
                .map(measure -> text(measure, given)).toList();
        return names.isEmpty() ? ""
                : names.stream().collect(Collectors.joining(" or ")) + ", set by hand, is in the way.";
    }

    private static String text(Measure measure, Given given) {
        return "“" + measure.label() + "” " + given.text(measure.name());
    }
}
