package scree.app.web;

import java.math.BigDecimal;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * What may come in as a number and as text, everywhere: a number is written as people write it, with point or comma, and is of a
 * size that Scree asks for; text holds no NUL, which no keyboard types and no database keeps.
 */
@Configuration
public class PlainNumbers implements WebMvcConfigurer {
    private static final Pattern PLAIN =
            Pattern.compile("[+-]?(\\d{1,12}([.,]\\d{0,20})?|[.,]\\d{1,20})([eE][+-]?\\d{1,2})?");
    /** No figure on any page is larger. */
    private static final double LARGEST = 1e7;

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(new NoNul());
    }

    /**
     * Returns a number written as people write it.
     *
     * @throws IllegalArgumentException for anything else: words, infinities, hexadecimal, a type's letter, sizes nobody means
     */
    public static double of(String text) {
        String plain = text.strip();
        double value = PLAIN.matcher(plain).matches() ? Double.parseDouble(plain.replace(',', '.')) : Double.NaN;
        if (!(Math.abs(value) <= LARGEST)) {
            String shown = plain.length() <= 20 ? plain : plain.substring(0, 20) + "…";
            throw new IllegalArgumentException("“%s” is no number: give one like 61.5".formatted(shown));
        }
        return value == 0 ? 0 : value; // −0 is 0
    }

    /** Returns a number as people write it: without a point where nothing stands behind it. */
    static String written(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }
}
