package app.logismos.server.stored;

import app.logismos.formats.json.CoreValues;
import app.logismos.sheet.Block;
import app.logismos.sheet.Edit;
import app.logismos.sheet.Section;
import app.logismos.sheet.Settings;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * How worksheets and changes are written as JSON in the database. Each row has the number of the format it is in; a new
 * format gets the next number, and a class that reads the one before, beside {@link Format1}; format 2 differs only in
 * entries, which {@link Runs} reads in both.
 *
 * <p>What has no value is not written, so that {@link MergePatch} can tell what differs.
 */
public final class StoredForm {
    /** The format that is written. */
    public static final int FORMAT = 3;

    /**
     * So many cells of a column are written together: so many of the longest entries go into one text of the database,
     * whatever signs are in them.
     */
    public static final int STRIP = 16;

    private static final TypeReference<List<Edit>> EDITS = new TypeReference<>() {};
    private static final TypeReference<List<String>> ENTRIES = new TypeReference<>() {};
    private static final String PATCH = "patch";
    private static final JsonMapper JSON = mapper();

    private StoredForm() {}

    /**
     * A worksheet without its cells.
     *
     * @param names those that were given by themselves
     * @param settings nothing where they are the usual ones
     */
    public record Outline(List<Section> sections, List<Edit.Define> names, Optional<Settings> settings) {
        /** The blocks of all sections by their ids. */
        public Map<String, Block> blocks() {
            return sections.stream()
                    .flatMap(section -> section.blocks().stream())
                    .collect(Collectors.toMap(Block::id, block -> block));
        }

        /** What is left of it without what stands in its blocks. */
        public Frame frame() {
            return new Frame(
                    sections.stream()
                            .map(each -> new FramedSection(
                                    each.id(),
                                    each.title(),
                                    each.folded(),
                                    each.isPart(),
                                    each.blocks().stream().map(Block::id).toList()))
                            .toList(),
                    names,
                    settings);
        }
    }

    /** An outline whose blocks are written by themselves. */
    public record Frame(List<FramedSection> sections, List<Edit.Define> names, Optional<Settings> settings) {
        /** The outline with these blocks. */
        public Outline with(Map<String, Block> blocks) {
            return new Outline(
                    sections.stream()
                            .map(each -> new Section(
                                    each.id(),
                                    each.title(),
                                    each.folded(),
                                    each.isPart(),
                                    each.blocks().stream().map(blocks::get).toList()))
                            .toList(),
                    names,
                    settings);
        }
    }

    /** A section with the ids of its blocks. */
    public record FramedSection(String id, String title, boolean folded, boolean isPart, List<String> blocks) {}

    /** A frame as it is written. */
    public static String written(Frame frame) {
        return JSON.writeValueAsString(frame);
    }

    /** A frame as it was written. */
    public static Frame frame(String json) {
        return JSON.readValue(json, Frame.class);
    }

    /** A block as it is written. */
    public static String written(Block block) {
        return JSON.writerFor(Block.class).writeValueAsString(block);
    }

    /** A block as it was written. */
    public static Block block(String json) {
        return JSON.readValue(json, Block.class);
    }

    /** The entries of a strip of cells, as they are written; empty for a cell without one. */
    public static String written(List<String> entries) {
        return JSON.writeValueAsString(entries);
    }

    /** The entries of a strip of cells, as they were written. */
    public static List<String> entries(String json) {
        return JSON.readValue(json, ENTRIES);
    }

    /** The outline of format 1, with its blocks in it. */
    public static Outline outlineInFormat1(String json) {
        return JSON.treeToValue(Format1.upgraded(JSON.readTree(json)), Outline.class);
    }

    /**
     * Edits as they are written. Where they only change blocks, what changes in each is written, and not the whole block.
     *
     * @param before the blocks before the edits, by id
     */
    public static String written(List<Edit> edits, Map<String, Block> before) {
        return changesBlocksOnly(edits, before)
                ? JSON.writeValueAsString(
                        edits.stream().map(edit -> patch(edit, before)).toList())
                : JSON.writerFor(EDITS).writeValueAsString(edits);
    }

    private static ObjectNode patch(Edit edit, Map<String, Block> before) {
        Block now = ((Edit.ChangeBlock) edit).block();
        ObjectNode written = tree(Edit.class, edit);
        written.remove("block");
        written.put("id", now.id());
        written.set(PATCH, MergePatch.of(tree(Block.class, before.get(now.id())), tree(Block.class, now)));
        return written;
    }

    /** Each block once, of those that there are: then what each edit meets is known. */
    private static boolean changesBlocksOnly(List<Edit> edits, Map<String, Block> before) {
        Set<String> changed = new HashSet<>();
        return edits.stream()
                .allMatch(edit -> edit instanceof Edit.ChangeBlock change
                        && before.containsKey(change.block().id())
                        && changed.add(change.block().id()));
    }

    /**
     * Edits as they were written.
     *
     * @param now the block of an id before the edits are made
     */
    public static List<Edit> edits(int format, String json, Function<String, Optional<Block>> now) {
        JsonNode tree = JSON.readTree(json);
        if (format == 1) {
            return JSON.treeToValue(Format1.upgraded(tree), EDITS);
        }
        List<Edit> edits = new ArrayList<>();
        for (JsonNode each : tree) {
            edits.add(each.has(PATCH) ? patched((ObjectNode) each, now) : JSON.treeToValue(each, Edit.class));
        }
        return edits;
    }

    private static Edit patched(ObjectNode written, Function<String, Optional<Block>> now) {
        String id = written.get("id").asString();
        Block block = now.apply(id).orElseThrow(() -> new IllegalStateException("there must be a block " + id));
        return new Edit.ChangeBlock(JSON.treeToValue(
                MergePatch.applied((ObjectNode) written.get(PATCH), tree(Block.class, block)), Block.class));
    }

    /** What edits touch, which can be told of what was written without the blocks they meet. */
    public static Touching touching(int format, String json) {
        Touching touching = Touching.NOTHING;
        for (JsonNode each : JSON.readTree(json)) {
            touching = touching.and(
                    each.has(PATCH)
                            ? new Touching(Map.of(), true, false)
                            : Touching.of(edits(format, "[" + each + "]", id -> Optional.empty())));
        }
        return touching;
    }

    private static <T> ObjectNode tree(Class<T> type, T value) {
        return (ObjectNode) JSON.readTree(JSON.writerFor(type).writeValueAsString(value));
    }

    private static JsonMapper mapper() {
        return CoreValues.in(JsonMapper.builder())
                // A choice that came later is not made in what was written before, and written only where it is made.
                .addMixIn(Settings.class, LaterChoices.class)
                .addMixIn(Edit.Enter.class, Runs.class)
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .build();
    }

    /** The choices of a worksheet that format 2 did not have from its beginning. */
    private abstract static class LaterChoices {
        @JsonInclude(JsonInclude.Include.NON_DEFAULT)
        abstract boolean dropped();

        @JsonInclude(JsonInclude.Include.NON_DEFAULT)
        abstract boolean complex();
    }
}
