package cufflink.problem;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A value, or the problems that prevented it; notices may come with a value.
 *
 * @param value    present unless an error prevented it
 * @param problems all problems found, in the order of their places
 */
public record Outcome<T>(Optional<T> value, List<Problem> problems) {
    public Outcome {
        problems = List.copyOf(problems);
        if (value.isEmpty() && problems.stream().noneMatch(Problem::isError)) {
            throw new IllegalArgumentException("problems: an outcome without a value needs an error");
        }
    }

    public static <T> Outcome<T> of(T value) {
        return new Outcome<>(Optional.of(value), List.of());
    }

    public static <T> Outcome<T> of(T value, List<Problem> notices) {
        return new Outcome<>(Optional.of(value), notices);
    }

    public static <T> Outcome<T> failed(List<Problem> problems) {
        return new Outcome<>(Optional.empty(), problems);
    }

    public static <T> Outcome<T> failed(Problem problem) {
        return failed(List.of(problem));
    }

    public <R> Outcome<R> map(Function<T, R> change) {
        return new Outcome<>(value.map(change), problems);
    }

    /** The next outcome made of the value, after the problems of this one. */
    public <R> Outcome<R> then(Function<T, Outcome<R>> next) {
        if (value.isEmpty()) {
            return failed(problems);
        }
        Outcome<R> result = next.apply(value.get());
        List<Problem> all = new ArrayList<>(problems);
        all.addAll(result.problems);
        return new Outcome<>(result.value, all);
    }

    /** The value, where the caller has made sure that there is one. */
    public T orThrow() {
        return value
                .orElseThrow(() -> new IllegalStateException(problems.stream().map(Problem::text).toList().toString()));
    }
}
