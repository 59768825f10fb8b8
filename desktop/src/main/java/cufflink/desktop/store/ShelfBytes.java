package cufflink.desktop.store;

import cufflink.design.DesignDefinition.Head;
import cufflink.desktop.work.ShelfCard;
import cufflink.desktop.work.ShelfWork.Refused;
import cufflink.desktop.work.ShelfWork.Shelf;
import cufflink.drawing.Ink;
import cufflink.drawing.Picture;
import cufflink.drawing.Shape;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.CRC32;
import org.locationtech.jts.geom.Envelope;

/**
 * A complete shelf as bytes, for the program's own use between two starts: quick to read before anything else is
 * loaded. Pictures printed on paper are left out.
 */
final class ShelfBytes {
    private static final int MOST = 100_000;

    private enum Kind { AREA, PATH, LABEL, MARK }

    private ShelfBytes() {
    }

    static byte[] of(Shelf shelf) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        writeAll(out, shelf.found(), card -> write(out, card));
        writeAll(out, shelf.refused(), refused -> {
            out.writeUTF(refused.name());
            out.writeUTF(refused.reason());
        });
        out.writeInt(shelf.made());
        byte[] body = bytes.toByteArray();
        out.writeLong(checksum(body, body.length));
        return bytes.toByteArray();
    }

    /** The shelf; an {@link IOException} if the bytes are not whole. */
    static Shelf read(byte[] bytes) throws IOException {
        int length = bytes.length - Long.BYTES;
        DataInputStream sum = new DataInputStream(
                new ByteArrayInputStream(bytes, Math.max(0, length), Long.BYTES));
        if (length < 0 || sum.readLong() != checksum(bytes, length)) {
            throw new IOException("not whole");
        }
        DataInputStream in = new DataInputStream(new ByteArrayInputStream(bytes, 0, length));
        List<ShelfCard> found = readAll(in, () -> card(in));
        List<Refused> refused = readAll(in, () -> new Refused(in.readUTF(), in.readUTF()));
        return new Shelf(found, refused, in.readInt(), true);
    }

    private static long checksum(byte[] bytes, int length) {
        CRC32 sum = new CRC32();
        sum.update(bytes, 0, length);
        return sum.getValue();
    }

    private interface Writing<T> {
        void write(T thing) throws IOException;
    }

    private interface Reading<T> {
        T read() throws IOException;
    }

    private static <T> void writeAll(DataOutputStream out, List<T> things, Writing<T> each) throws IOException {
        out.writeInt(things.size());
        for (T thing : things) {
            each.write(thing);
        }
    }

    private static <T> List<T> readAll(DataInputStream in, Reading<T> each) throws IOException {
        int count = in.readInt();
        if (count < 0 || count > MOST) {
            throw new IOException("not a count");
        }
        List<T> things = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            things.add(each.read());
        }
        return things;
    }

    private static void write(DataOutputStream out, ShelfCard card) throws IOException {
        Head head = card.head();
        for (String text : List.of(head.id(), head.title(), head.group(), head.about(), head.difficulty())) {
            out.writeUTF(text);
        }
        writeAll(out, head.uses(), out::writeUTF);
        out.writeInt(card.way());
        out.writeUTF(card.takes());
        out.writeInt(card.steps());
        writeAll(out, card.picture().stream().toList(), picture -> write(out, picture));
    }

    private static ShelfCard card(DataInputStream in) throws IOException {
        Head head = new Head(in.readUTF(), in.readUTF(), in.readUTF(), in.readUTF(), in.readUTF(),
                readAll(in, in::readUTF));
        return new ShelfCard(head, in.readInt(), in.readUTF(), in.readInt(),
                readAll(in, () -> picture(in)).stream().findFirst());
    }

    private static void write(DataOutputStream out, Picture picture) throws IOException {
        Envelope bounds = picture.bounds();
        for (double number : List.of(bounds.getMinX(), bounds.getMaxX(), bounds.getMinY(), bounds.getMaxY(),
                picture.point())) {
            out.writeDouble(number);
        }
        writeAll(out, picture.shapes(), shape -> shape.accept(new ShapeWriter(out)));
    }

    private static Picture picture(DataInputStream in) throws IOException {
        return new Picture(new Envelope(in.readDouble(), in.readDouble(), in.readDouble(), in.readDouble()),
                in.readDouble(), readAll(in, () -> shape(in)));
    }

    private static void write(DataOutputStream out, Shape.Spot spot) throws IOException {
        out.writeFloat((float) spot.x());
        out.writeFloat((float) spot.y());
    }

    private static Shape.Spot spot(DataInputStream in) throws IOException {
        return new Shape.Spot(in.readFloat(), in.readFloat());
    }

    /** A shape: its kind, its id, its ink, then what is its own. */
    private record ShapeWriter(DataOutputStream out) implements Shape.Cases<Void, IOException> {
        private void begin(Kind kind, Shape shape) throws IOException {
            out.writeByte(kind.ordinal());
            out.writeUTF(shape.id());
            out.writeByte(shape.ink().ordinal());
        }

        @Override
        public Void area(Shape.Area area) throws IOException {
            begin(Kind.AREA, area);
            writeAll(out, area.rings(), ring -> writeAll(out, ring, spot -> write(out, spot)));
            writeAll(out, area.colour().stream().toList(), out::writeUTF);
            writeAll(out, area.edge().stream().toList(), edge -> out.writeByte(edge.ordinal()));
            return null;
        }

        @Override
        public Void path(Shape.Path path) throws IOException {
            begin(Kind.PATH, path);
            writeAll(out, path.points(), spot -> write(out, spot));
            return null;
        }

        @Override
        public Void label(Shape.Label label) throws IOException {
            begin(Kind.LABEL, label);
            write(out, label.at());
            out.writeUTF(label.text());
            out.writeDouble(label.size());
            out.writeByte(label.anchor().ordinal());
            out.writeBoolean(label.bold());
            out.writeBoolean(label.upright());
            return null;
        }

        @Override
        public Void mark(Shape.Mark mark) throws IOException {
            begin(Kind.MARK, mark);
            write(out, mark.at());
            out.writeUTF(mark.text());
            out.writeDouble(mark.radius());
            out.writeUTF(mark.colour());
            out.writeByte(mark.edge().ordinal());
            return null;
        }
    }

    private static Shape shape(DataInputStream in) throws IOException {
        Kind kind = one(Kind.values(), in);
        String id = in.readUTF();
        Ink ink = one(Ink.values(), in);
        return switch (kind) {
            case AREA -> {
                List<List<Shape.Spot>> rings = readAll(in, () -> readAll(in, () -> spot(in)));
                if (rings.isEmpty()) {
                    throw new IOException("no outline");
                }
                Optional<String> colour = readAll(in, in::readUTF).stream().findFirst();
                Optional<Ink> edge = readAll(in, () -> one(Ink.values(), in)).stream().findFirst();
                yield new Shape.Area(id, ink, rings.get(0), rings.subList(1, rings.size()), colour, edge);
            }
            case PATH -> new Shape.Path(id, ink, readAll(in, () -> spot(in)));
            case LABEL -> new Shape.Label(id, ink, spot(in), in.readUTF(), in.readDouble(),
                    one(Shape.Anchor.values(), in), in.readBoolean(), in.readBoolean());
            case MARK -> new Shape.Mark(id, ink, spot(in), in.readUTF(), in.readDouble(), in.readUTF(),
                    one(Ink.values(), in));
        };
    }

    private static <T> T one(T[] values, DataInputStream in) throws IOException {
        int index = in.readUnsignedByte();
        if (index >= values.length) {
            throw new IOException("unknown");
        }
        return values[index];
    }
}
