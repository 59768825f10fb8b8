package cufflink.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Searches for answers that obey {@link LayerConstraints}: depth first, each choice followed at once to everything it
 * forces, and back when something must both hold and fail. Questions are tried in their order, yes first, so the same
 * constraints always give the same first answer. Bounded by the number of choices.
 */
final class LayerSearch {
    private final LayerConstraints constraints;
    private final long mostChoices;
    private final List<int[]> rules = new ArrayList<>();
    private final int[][] rulesOf;
    private final int triples;
    private final byte[] answer;
    private final int[] trail;
    private final int[] questions;
    private int trailLength;
    private long choices;
    private long found;
    private boolean[] first;

    /** How a search ended: how many answers were seen, the first of them, and whether everything was tried. */
    record Result(long found, boolean[] first, boolean complete, long choices) {
        boolean any() {
            return found > 0;
        }
    }

    private LayerSearch(LayerConstraints constraints, long mostChoices) {
        this.constraints = constraints;
        this.mostChoices = mostChoices;
        Set<List<Integer>> known = new HashSet<>();
        constraints.triples().forEach(rule -> add(rule, known));
        triples = rules.size();
        constraints.fours().forEach(rule -> add(rule, known));
        answer = new byte[constraints.size()];
        trail = new int[constraints.size()];
        answer[0] = 1;
        rulesOf = rulesOf();
        questions = IntStream.range(1, constraints.size()).filter(i -> constraints.find(2 * i) >> 1 == i).toArray();
    }

    private int[][] rulesOf() {
        int[] count = new int[answer.length];
        rules.forEach(rule -> Arrays.stream(rule).forEach(literal -> count[literal >> 1]++));
        int[][] of = new int[answer.length][];
        Arrays.setAll(of, question -> new int[count[question]]);
        for (int rule = rules.size() - 1; rule >= 0; rule--) {
            for (int literal : rules.get(rule)) {
                of[literal >> 1][--count[literal >> 1]] = rule;
            }
        }
        return of;
    }

    private void add(int[] rule, Set<List<Integer>> known) {
        int[] merged = rule.clone();
        for (int i = 0; i < merged.length; i++) {
            merged[i] = constraints.find(merged[i]);
        }
        Arrays.sort(merged);
        if (!isObeyed(merged) && known.add(Arrays.stream(merged).boxed().toList())) {
            rules.add(merged);
        }
    }

    /**
     * Whether a rule asks nothing more: of a triple two answers are known to differ, which sorting brings side by side.
     */
    private static boolean isObeyed(int[] merged) {
        return merged.length == 3 && ((merged[0] ^ merged[1]) == 1 || (merged[1] ^ merged[2]) == 1);
    }

    /** Looks for one answer. */
    static Result first(LayerConstraints constraints, long mostChoices) {
        return new LayerSearch(constraints, mostChoices).run(1);
    }

    /** Counts all answers. */
    static Result count(LayerConstraints constraints, long mostChoices) {
        return new LayerSearch(constraints, mostChoices).run(Long.MAX_VALUE);
    }

    private Result run(long wanted) {
        boolean possible = constraints.contradiction().isEmpty();
        for (int rule = 0; rule < rules.size() && possible; rule++) {
            possible = obey(rule);
        }
        boolean complete = !possible || search(0, wanted);
        return new Result(found, first, complete || found >= wanted, choices);
    }

    /** False if the bound was hit or enough was found. */
    private boolean search(int from, long wanted) {
        int next = from;
        while (next < questions.length && answer[questions[next]] != 0) {
            next++;
        }
        if (next == questions.length) {
            if (found++ == 0) {
                first = new boolean[answer.length];
                for (int i = 0; i < answer.length; i++) {
                    first[i] = answer[i] > 0;
                }
            }
            return found < wanted;
        }
        for (int value = 1; value >= -1; value -= 2) {
            if (++choices > mostChoices) {
                return false;
            }
            int mark = trailLength;
            boolean goOn = !decide(questions[next], value) || search(next + 1, wanted);
            while (trailLength > mark) {
                answer[trail[--trailLength]] = 0;
            }
            if (!goOn) {
                return false;
            }
        }
        return true;
    }

    /** Answers a question and everything that follows from it; false if that contradicts itself. */
    private boolean decide(int question, int value) {
        int start = trailLength;
        set(question, value);
        for (int i = start; i < trailLength; i++) {
            for (int rule : rulesOf[trail[i]]) {
                if (!obey(rule)) {
                    return false;
                }
            }
        }
        return true;
    }

    private void set(int question, int value) {
        answer[question] = (byte) value;
        trail[trailLength++] = question;
    }

    private int value(int literal) {
        int value = answer[literal >> 1];
        return (literal & 1) == 1 ? -value : value;
    }

    private boolean obey(int rule) {
        return rule < triples ? notAllAlike(rules.get(rule)) : even(rules.get(rule));
    }

    private boolean notAllAlike(int[] rule) {
        int a = value(rule[0]);
        int b = value(rule[1]);
        int c = value(rule[2]);
        if (a != 0 && a == b && b == c) {
            return false;
        }
        if (a == 0 && b != 0 && b == c) {
            force(rule[0], -b);
        } else if (b == 0 && a != 0 && a == c) {
            force(rule[1], -a);
        } else if (c == 0 && a != 0 && a == b) {
            force(rule[2], -a);
        }
        return true;
    }

    private void force(int literal, int value) {
        set(literal >> 1, (literal & 1) == 1 ? -value : value);
    }

    private boolean even(int[] rule) {
        int open = -1;
        int parity = 1;
        for (int literal : rule) {
            int value = value(literal);
            if (value == 0) {
                if (open >= 0) {
                    return true;
                }
                open = literal;
            } else {
                parity *= value;
            }
        }
        if (open >= 0) {
            force(open, parity);
            return true;
        }
        return parity > 0;
    }
}
