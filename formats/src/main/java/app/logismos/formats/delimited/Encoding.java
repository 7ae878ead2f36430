package app.logismos.formats.delimited;

import app.logismos.formats.document.Unreadable;
import app.logismos.formats.document.Unwritable;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CharsetEncoder;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.stream.IntStream;

/** How the characters of a text are written as bytes. */
public enum Encoding {
    UTF_8("UTF-8", StandardCharsets.UTF_8),
    UTF_16LE("UTF-16, low byte first", StandardCharsets.UTF_16LE),
    UTF_16BE("UTF-16, high byte first", StandardCharsets.UTF_16BE),
    WINDOWS_1252("Windows-1252 (Western Europe)", Charset.forName("windows-1252"));

    private static final char BYTE_ORDER_MARK = '\ufeff';
    private static final int LOOKED_AT = 4_000;

    private final String says;
    private final Charset charset;

    Encoding(String says, Charset charset) {
        this.says = says;
        this.charset = charset;
    }

    String says() {
        return says;
    }

    /** By the byte order mark; without one by the zeros that UTF-16 has in every other byte, and by what UTF-8 cannot have. */
    static Encoding recognise(byte[] bytes) {
        for (Encoding each : new Encoding[] {UTF_8, UTF_16LE, UTF_16BE}) {
            byte[] mark = String.valueOf(BYTE_ORDER_MARK).getBytes(each.charset);
            if (ByteBuffer.wrap(bytes, 0, Math.min(mark.length, bytes.length)).equals(ByteBuffer.wrap(mark))) {
                return each;
            }
        }
        int pairs = Math.min(bytes.length, LOOKED_AT) / 2;
        if (pairs > 0 && zeros(bytes, pairs, 1) > pairs / 2) {
            return UTF_16LE;
        }
        if (pairs > 0 && zeros(bytes, pairs, 0) > pairs / 2) {
            return UTF_16BE;
        }
        return UTF_8.canDecode(bytes) ? UTF_8 : WINDOWS_1252;
    }

    private static long zeros(byte[] bytes, int pairs, int of) {
        return IntStream.range(0, pairs).filter(i -> bytes[2 * i + of] == 0).count();
    }

    private boolean canDecode(byte[] bytes) {
        try {
            strict(bytes);
            return true;
        } catch (CharacterCodingException other) {
            return false;
        }
    }

    /** The text, without its byte order mark. */
    String decode(byte[] bytes) {
        try {
            String text = strict(bytes);
            return !text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text;
        } catch (CharacterCodingException other) {
            throw new Unreadable("The document is not written in " + says + ". Choose another encoding.");
        }
    }

    /**
     * The bytes of a text; in UTF-16 behind a byte order mark, without which few programs read it.
     *
     * @throws Unwritable where it has a character that the encoding has not
     */
    public byte[] encode(String text) {
        boolean isMarked = this == UTF_16LE || this == UTF_16BE;
        CharsetEncoder encoder = charset.newEncoder();
        if (!encoder.canEncode(text)) {
            String unknown = text.codePoints()
                    .mapToObj(Character::toString)
                    .filter(each -> !charset.newEncoder().canEncode(each))
                    .findFirst()
                    .orElse("?");
            throw new Unwritable("There is no `" + unknown + "` in " + says + ". Choose UTF-8.");
        }
        return (isMarked ? BYTE_ORDER_MARK + text : text).getBytes(charset);
    }

    private String strict(byte[] bytes) throws CharacterCodingException {
        return charset.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT)
                .decode(ByteBuffer.wrap(bytes))
                .toString();
    }
}
