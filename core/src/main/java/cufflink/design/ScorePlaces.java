package cufflink.design;

import cufflink.design.Measure.Role;
import cufflink.design.Occurs.Repeat;
import cufflink.design.PieceDefinition.AtX;
import cufflink.design.PieceDefinition.AtY;
import cufflink.design.PieceDefinition.Between;
import cufflink.design.PieceDefinition.Line;
import cufflink.design.Value.Quantity;
import cufflink.design.Value.Word;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Which measures of a design say where its pieces are scored at the fence, as the maker has chosen its options. */
final class ScorePlaces {
    private Scope chosen = Scope.empty();

    /** Choices and counts are known before any length is. */
    private ScorePlaces(DesignDefinition definition, Given given) {
        for (Measure measure : definition.measures()) {
            if (measure.role() == Role.CHOICE) {
                chosen = chosen.with(measure.name(),
                        Optional.ofNullable(given.values().get(measure.name()))
                                .or(() -> measure.amount().value().flatMap(this::value))
                                .orElseGet(() -> new Word(measure.choices().get(0))));
            } else if (measure.role() == Role.COUNT) {
                Optional<Value> count = Optional.ofNullable(given.values().get(measure.name()))
                        .or(() -> measure.amount().value().flatMap(this::value));
                count.ifPresent(value -> chosen = chosen.with(measure.name(), value));
            }
        }
    }

    /** The names in the places of upright and level scores that are made; decorative lines count, too. */
    static Set<String> measures(DesignDefinition definition, Given given) {
        ScorePlaces places = new ScorePlaces(definition, given);
        return definition.pieces().stream().filter(piece -> places.isWanted(piece.when()))
                .flatMap(piece -> piece.what().marks().scores().stream())
                .filter(score -> places.isWanted(score.when()) && places.isMade(score.repeat())
                        && !(score.what().pinched().isPresent() && places.isWanted(score.what().pinched())))
                .flatMap(score -> Stream.concat(Stream.of(score.what().line()), score.what().second().stream()))
                .flatMap(ScorePlaces::names).collect(Collectors.toUnmodifiableSet());
    }

    private static Stream<String> names(Line line) {
        return line.accept(new Line.Cases<>() {
            @Override
            public Stream<String> upright(AtX upright) {
                return Names.in(upright.x().expression()).stream();
            }

            @Override
            public Stream<String> level(AtY level) {
                return Names.in(level.y().expression()).stream();
            }

            @Override
            public Stream<String> between(Between slanting) {
                return Stream.empty();
            }
        });
    }

    /** What depends on lengths is not known yet and is taken to be wanted. */
    private boolean isWanted(Optional<Formula> when) {
        return when.flatMap(this::value).map(value -> !(value instanceof Value.Truth truth) || truth.holds())
                .orElse(true);
    }

    private boolean isMade(Optional<Repeat> repeat) {
        Optional<Value> from = repeat.flatMap(wanted -> value(wanted.from()));
        Optional<Value> to = repeat.flatMap(wanted -> value(wanted.to()));
        return !(from.orElse(null) instanceof Quantity first && to.orElse(null) instanceof Quantity last
                && first.amount().compareTo(last.amount()) > 0);
    }

    private Optional<Value> value(Formula formula) {
        try {
            return Optional.of(Evaluator.evaluate(formula.expression(), chosen));
        } catch (ExpressionFault unknown) {
            return Optional.empty();
        }
    }
}
