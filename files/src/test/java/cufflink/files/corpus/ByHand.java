package cufflink.files.corpus;

import cufflink.design.Side;
import cufflink.files.design.BuiltInDesigns;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthUnit;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The sets that were written by hand, from {@code by-hand.txt}. */
final class ByHand {
    private ByHand() {
    }

    /** All of them. */
    static List<CorpusSet> sets() {
        List<CorpusSet> sets = new ArrayList<>();
        for (String block : file().split("(?m)^=== ")) {
            if (!block.isBlank()) {
                sets.add(set(block));
            }
        }
        return sets;
    }

    private static String file() {
        try (InputStream in = ByHand.class.getResourceAsStream("/cufflink/files/directions/by-hand.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private static CorpusSet set(String block) {
        int end = block.indexOf("\n---\n");
        List<String> head = block.substring(0, end).lines().toList();
        String text = block.substring(end + 5).strip() + "\n";
        String[] title = head.get(0).split("\\s*\\|\\s*");
        List<CorpusSet.Piece> pieces = head.stream().filter(line -> line.startsWith("> "))
                .map(line -> piece(line.substring(2))).toList();
        Optional<CorpusSet.Planted> planted = head.stream().filter(line -> line.startsWith("! ")).findFirst()
                .map(line -> planted(line.substring(2), text));
        Optional<String> design = Optional.of(title[1])
                .filter(id -> BuiltInDesigns.all().stream().anyMatch(known -> known.id().equals(id)));
        return new CorpusSet(title[0], design, title[2], text, pieces, planted,
                title.length > 3 && title[3].equals("aside"));
    }

    private static CorpusSet.Planted planted(String line, String text) {
        String[] parts = line.split(":\\s*", 2);
        int at = text.lastIndexOf(parts[1]);
        if (at < 0) {
            throw new IllegalStateException("“" + parts[1] + "” does not stand in the text");
        }
        return new CorpusSet.Planted(parts[0], at, at + parts[1].length());
    }

    /** {@code base; 1; 8 1/2 x 5 1/2 in; left 4 1/4}. */
    private static CorpusSet.Piece piece(String line) {
        String[] parts = line.split(";\\s*");
        LengthUnit unit = parts[2].endsWith("mm") ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
        List<Length> size = LengthParser.readSize(parts[2], unit).value().orElseThrow();
        List<CorpusSet.At> scores = new ArrayList<>();
        for (String edge : List.of(parts).subList(3, parts.length)) {
            Side side = Arrays.stream(Side.values()).filter(one -> edge.startsWith(one.word())).findFirst()
                    .orElseThrow();
            for (String at : edge.substring(side.word().length()).split(",")) {
                scores.add(new CorpusSet.At(side, LengthParser.read(at.strip(), unit).value().orElseThrow()));
            }
        }
        return new CorpusSet.Piece(parts[0], Integer.parseInt(parts[1]), size.get(0), size.get(1), scores);
    }
}
