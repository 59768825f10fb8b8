package cufflink.paper;

import cufflink.paper.PaperRole.OfLayer;
import cufflink.paper.PaperRole.OfMaterial;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;

/**
 * The papers of a project. Every material of its design has one; layers above those chosen take the paper of the
 * nearest below, else of the first material.
 *
 * @param chosen by role, the first material first; at least one material
 */
public record Papers(Map<PaperRole, Stock> chosen) {
    public Papers {
        chosen = Collections.unmodifiableMap(new LinkedHashMap<>(chosen));
        if (chosen.keySet().stream().noneMatch(OfMaterial.class::isInstance)) {
            throw new IllegalArgumentException("papers: there is none for a material");
        }
    }

    /** The paper of a role; {@link NoSuchElementException} for a material that no piece of the design is of. */
    public Stock of(PaperRole role) {
        return role.accept(new PaperRole.Cases<>() {
            @Override
            public Stock material(OfMaterial material) {
                if (!chosen.containsKey(material)) {
                    throw new NoSuchElementException("no paper for " + material);
                }
                return chosen.get(material);
            }

            @Override
            public Stock layer(OfLayer layer) {
                for (int number = layer.number(); number > 0; number--) {
                    Stock stock = chosen.get(PaperRole.layer(number));
                    if (stock != null) {
                        return stock;
                    }
                }
                return chosen.entrySet().stream().filter(entry -> entry.getKey() instanceof OfMaterial).findFirst()
                        .orElseThrow().getValue();
            }
        });
    }

    /** The layers that a paper was chosen for, from the lowest. */
    public List<PaperRole> layers() {
        return chosen.keySet().stream().filter(OfLayer.class::isInstance).map(OfLayer.class::cast)
                .sorted(Comparator.comparingInt(OfLayer::number)).map(layer -> (PaperRole) layer).toList();
    }

    public Papers with(PaperRole role, Stock stock) {
        Map<PaperRole, Stock> more = new LinkedHashMap<>(chosen);
        more.put(role, stock);
        return new Papers(more);
    }

    /** These papers in front, and {@code plain} for every material that has none yet. */
    public static Papers completed(Map<PaperRole, Stock> chosen, Collection<PaperRole> materials, Stock plain) {
        Map<PaperRole, Stock> all = new LinkedHashMap<>();
        materials.forEach(material -> all.put(material, chosen.getOrDefault(material, plain)));
        all.putAll(chosen);
        return new Papers(all);
    }
}
