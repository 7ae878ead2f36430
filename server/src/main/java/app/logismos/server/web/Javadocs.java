package app.logismos.server.web;

import com.github.therapi.runtimejavadoc.Comment;
import com.github.therapi.runtimejavadoc.CommentVisitor;
import com.github.therapi.runtimejavadoc.Link;
import com.github.therapi.runtimejavadoc.ParamJavadoc;
import com.github.therapi.runtimejavadoc.RuntimeJavadoc;
import com.github.therapi.runtimejavadoc.Value;
import java.lang.reflect.Method;
import java.util.Map;
import java.util.stream.Collectors;

/** What the code says of itself, for the contract: descriptions are written once. */
final class Javadocs {
    private Javadocs() {}

    static String of(Class<?> type) {
        return markdown(RuntimeJavadoc.getJavadoc(type).getComment());
    }

    static String of(Method call) {
        return markdown(RuntimeJavadoc.getJavadoc(call).getComment());
    }

    /** Of the parts of a record. */
    static Map<String, String> parts(Class<?> type) {
        return RuntimeJavadoc.getJavadoc(type).getRecordComponents().stream()
                .collect(Collectors.toMap(
                        ParamJavadoc::getName, part -> markdown(part.getComment()), (one, other) -> one));
    }

    /** On one line, with what is code in backticks. */
    private static String markdown(Comment comment) {
        StringBuilder text = new StringBuilder();
        comment.visit(new CommentVisitor() {
            @Override
            public void commentText(String words) {
                text.append(words.replace("<p>", " "));
            }

            @Override
            public void inlineLink(Link link) {
                text.append(link.getLabel().replace('#', '.'));
            }

            @Override
            public void inlineTag(String name, String value) {
                text.append('`').append(value.strip()).append('`');
            }

            @Override
            public void inlineValue(Value value) {
                text.append(value.getReferencedMemberName());
            }
        });
        return text.toString().replaceAll("\\s+", " ").strip();
    }
}
