package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.design.PanelRef;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Which panels hold each other: those that are joined face to face, and those that stand in one ring of creases and
 * joints. A ring need not be stiff, but what lies inside of it is no longer open to the hands.
 */
public final class Rings {
    /** Two panels that are joined face to face. */
    public record Pair(PanelRef one, PanelRef other) {
    }

    /** A crease between two groups of panels that are one. */
    private record Link(int one, int other) {
    }

    private final Map<PanelRef, Integer> index = new HashMap<>();
    private final int[] group;
    private final List<Set<Integer>> links = new ArrayList<>();
    private final List<Link> all;
    private final int[] order;
    private final int[] lowest;
    private final int[] ring;
    private int count;

    /** Of the panels of an assembly, as far as some of its joints are made. */
    public Rings(Assembly assembly, List<Pair> joined) {
        assembly.panels().forEach(panel -> index.put(panel, index.size()));
        group = new int[index.size()];
        Arrays.setAll(group, i -> i);
        joined.stream().filter(pair -> index.containsKey(pair.one()) && index.containsKey(pair.other()))
                .forEach(pair -> join(index.get(pair.one()), index.get(pair.other())));
        Set<List<Object>> creases = new LinkedHashSet<>();
        List<Link> found = new ArrayList<>();
        for (CreasePattern pattern : assembly.pieces()) {
            for (Hinge hinge : pattern.hinges()) {
                int one = index.get(new PanelRef(pattern.piece(), hinge.first()));
                int other = index.get(new PanelRef(pattern.piece(), hinge.second()));
                if (!hinge.folds()) {
                    join(one, other);
                } else if (creases
                        .add(List.of(pattern.piece(), hinge.crease(), Math.min(one, other), Math.max(one, other)))) {
                    found.add(new Link(one, other));
                }
            }
        }
        all = found.stream().map(link -> new Link(group(link.one()), group(link.other()))).toList();
        for (int i = 0; i < group.length; i++) {
            links.add(new LinkedHashSet<>());
        }
        for (int link = 0; link < all.size(); link++) {
            links.get(all.get(link).one()).add(link);
            links.get(all.get(link).other()).add(link);
        }
        order = new int[group.length];
        lowest = new int[group.length];
        ring = new int[group.length];
        for (int panel = 0; panel < group.length; panel++) {
            if (group(panel) == panel && order[panel] == 0) {
                visit(panel, -1, new ArrayList<>());
            }
        }
    }

    private void join(int one, int other) {
        group[group(one)] = group(other);
    }

    private int group(int panel) {
        return group[panel] == panel ? panel : group(group[panel]);
    }

    /** Depth first; a group from which no link leads back past it is the first of its ring (Tarjan). */
    private void visit(int at, int came, List<Integer> open) {
        order[at] = ++count;
        lowest[at] = order[at];
        open.add(at);
        for (int link : links.get(at)) {
            int next = all.get(link).one() == at ? all.get(link).other() : all.get(link).one();
            if (link == came || next == at) {
                continue;
            } else if (order[next] == 0) {
                visit(next, link, open);
            }
            lowest[at] = Math.min(lowest[at], lowest[next]);
        }
        if (lowest[at] == order[at]) {
            List<Integer> members = open.subList(open.indexOf(at), open.size());
            members.forEach(member -> {
                ring[member] = at;
                lowest[member] = Integer.MAX_VALUE;
            });
            members.clear();
        }
    }

    /** Whether two panels are joined face to face, through others too. */
    public boolean isJoined(PanelRef one, PanelRef other) {
        return group(index.get(one)) == group(index.get(other));
    }

    /** Whether two panels are joined or stand in one ring. */
    public boolean hold(PanelRef one, PanelRef other) {
        return ring[group(index.get(one))] == ring[group(index.get(other))];
    }
}
