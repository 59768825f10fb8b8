package cufflink.fold;

import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/**
 * What an order of layers must obey, as yes-or-no questions "does face i lie above face j", one for each overlapping
 * pair. Answers that must agree (or disagree) are merged at once; what is left are triples of which not all three may
 * hold nor all three fail (else three layers would lie in a ring), and sets of four of which an even number must hold
 * (two folds on one line are nested or apart).
 */
final class LayerConstraints {
    /** The answer that is always yes. */
    static final int YES = 0;

    private final int[][] question;
    private int[] parent;
    private boolean[] flipped;
    private final List<int[]> triples = new ArrayList<>();
    private final List<int[]> fours = new ArrayList<>();
    private final Set<List<Integer>> known = new HashSet<>();
    private Optional<Message> contradiction = Optional.empty();

    /** {@code overlaps[i][j]} for i below j. */
    LayerConstraints(boolean[][] overlaps) {
        int n = overlaps.length;
        question = new int[n][n];
        int count = 1;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                if (overlaps[i][j]) {
                    question[i][j] = 2 * count;
                    question[j][i] = 2 * count + 1;
                    count++;
                }
            }
        }
        parent = new int[count];
        flipped = new boolean[count];
        for (int i = 0; i < count; i++) {
            parent[i] = i;
        }
    }

    boolean overlap(int i, int j) {
        return question[i][j] != 0;
    }

    /** The question whether i lies above j: twice its number, plus one if turned round. */
    private int literal(int i, int j) {
        return question[i][j];
    }

    Optional<Message> contradiction() {
        return contradiction;
    }

    /** Face i lies above face j. */
    void above(int i, int j, Supplier<Message> reason) {
        agree(literal(i, j), YES, reason);
    }

    /** Faces a and b lie on the same side of c and d each: a above c as b above d. */
    void alike(int a, int c, int b, int d, Supplier<Message> reason) {
        agree(literal(a, c), literal(b, d), reason);
    }

    private void agree(int first, int second, Supplier<Message> reason) {
        int a = find(first);
        int b = find(second);
        if (a >> 1 == b >> 1) {
            if (a != b && contradiction.isEmpty()) {
                contradiction = Optional.of(reason.get());
            }
            return;
        }
        int keep = Math.min(a >> 1, b >> 1);
        int lose = Math.max(a >> 1, b >> 1);
        parent[lose] = keep;
        flipped[lose] = (a & 1) != (b & 1);
    }

    /** The literal that stands for a literal's class. */
    int find(int literal) {
        int at = literal >> 1;
        boolean turned = (literal & 1) == 1;
        while (parent[at] != at) {
            turned ^= flipped[at];
            at = parent[at];
        }
        return 2 * at + (turned ? 1 : 0);
    }

    /** Three faces that overlap at one place lie in some order there. */
    void ordered(int i, int j, int k) {
        triples.add(new int[] {literal(i, j), literal(j, k), literal(k, i)});
    }

    /** The folds a–b and c–d are nested or apart. */
    void nestedOrApart(int a, int b, int c, int d) {
        int[] four = {literal(a, c), literal(a, d), literal(b, c), literal(b, d)};
        Arrays.sort(four);
        if (known.add(Arrays.stream(four).boxed().toList())) {
            fours.add(four);
        }
    }

    List<int[]> triples() {
        return triples;
    }

    List<int[]> fours() {
        return fours;
    }

    int size() {
        return parent.length;
    }

    /** The relation for answers given by class. */
    byte[][] relation(boolean[] answer) {
        byte[][] above = new byte[question.length][question.length];
        for (int i = 0; i < question.length; i++) {
            for (int j = 0; j < question.length; j++) {
                if (question[i][j] != 0) {
                    int literal = find(question[i][j]);
                    above[i][j] = (byte) (answer[literal >> 1] != ((literal & 1) == 1) ? 1 : -1);
                }
            }
        }
        return above;
    }
}
