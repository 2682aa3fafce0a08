package pebblestep.core.rhythm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import pebblestep.core.Refusal;
import pebblestep.core.samples.Samples;
import pebblestep.core.samples.Samples.Ints;

class FractionTest {

    @ParameterizedTest
    @CsvSource({"2/4,1/2", "-6/8,-3/4", "4/2,2", "0/7,0", "5,5"})
    void fractions_stand_in_lowest_terms(String text, String shown) {
        assertThat(Fraction.parse(text)).hasToString(shown).isEqualTo(Fraction.parse(shown));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "1/0", "1/", "/4", "a", "1/-4", "0.25", "1/4/2", " 1/4", "NaN", "99999999999999999999"})
    void what_is_no_fraction_is_refused(String text) {
        assertThatThrownBy(() -> Fraction.parse(text)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Fraction.parse(null)).isInstanceOf(Refusal.class);
    }

    @Samples
    void arithmetic_agrees_with_unbounded_integers(int a, @Ints(min = 1) int b, int c, @Ints(min = 1) int d) {
        Fraction sum;
        Fraction product;
        try {
            sum = Fraction.of(a, b).plus(Fraction.of(c, d));
            product = Fraction.of(a, b).times(Fraction.of(c, d));
        } catch (ArithmeticException overflow) {
            return;
        }
        BigInteger across = big(a).multiply(big(d)).add(big(c).multiply(big(b)));
        assertThat(big(sum.numerator()).multiply(big(b)).multiply(big(d)))
                .isEqualTo(across.multiply(big(sum.denominator())));
        assertThat(big(product.numerator()).multiply(big(b)).multiply(big(d)))
                .isEqualTo(big(a).multiply(big(c)).multiply(big(product.denominator())));
    }

    private static BigInteger big(long value) {
        return BigInteger.valueOf(value);
    }

    @Samples
    void a_remainder_lies_within_its_modulus(@Ints(min = -5000, max = 5000) int n, @Ints(min = 1, max = 96) int d) {
        Fraction rest = Fraction.of(n, d).mod(Fraction.of(3, 4));
        assertThat(rest).isGreaterThanOrEqualTo(Fraction.ZERO).isLessThan(Fraction.of(3, 4));
        assertThat(Fraction.of(n, d).minus(rest).dividedBy(Fraction.of(3, 4)).denominator())
                .isEqualTo(1);
    }

    @Test
    void overflow_is_refused_and_never_wraps() {
        Fraction huge = Fraction.of(Long.MAX_VALUE, 1);
        assertThatThrownBy(() -> huge.plus(Fraction.ONE)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> huge.times(2)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Fraction.of(Long.MIN_VALUE, 3)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Fraction.ONE.dividedBy(Fraction.ZERO)).isInstanceOf(Refusal.class);
    }
}
