package app.logismos.server.stored;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What differs between two JSON objects, as JSON Merge Patch has it (RFC 7396). Neither object holds nulls. */
final class MergePatch {
    private MergePatch() {}

    /** The patch that makes one object of another. */
    static ObjectNode of(ObjectNode from, ObjectNode to) {
        ObjectNode patch = JsonNodeFactory.instance.objectNode();
        from.propertyNames().stream().filter(name -> !to.has(name)).forEach(patch::putNull);
        to.properties().forEach(part -> {
            JsonNode before = from.get(part.getKey());
            JsonNode after = part.getValue();
            if (before instanceof ObjectNode one && after instanceof ObjectNode other) {
                if (!one.equals(other)) {
                    patch.set(part.getKey(), of(one, other));
                }
            } else if (!after.equals(before)) {
                patch.set(part.getKey(), after);
            }
        });
        return patch;
    }

    /** The object that a patch makes of another (RFC 7396, section 2). */
    static ObjectNode applied(ObjectNode patch, ObjectNode target) {
        ObjectNode result = target.deepCopy();
        patch.properties().forEach(part -> {
            if (part.getValue().isNull()) {
                result.remove(part.getKey());
            } else if (part.getValue() instanceof ObjectNode changes) {
                ObjectNode before = result.get(part.getKey()) instanceof ObjectNode object
                        ? object
                        : JsonNodeFactory.instance.objectNode();
                result.set(part.getKey(), applied(changes, before));
            } else {
                result.set(part.getKey(), part.getValue());
            }
        });
        return result;
    }
}
