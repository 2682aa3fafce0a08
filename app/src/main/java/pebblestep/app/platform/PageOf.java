package pebblestep.app.platform;

import java.util.List;
import java.util.function.Function;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;
import pebblestep.core.Refusal;

/**
 * One page of a list.
 *
 * @param items the items of this page
 * @param page its number, from 0
 * @param pages the number of pages
 * @param total the number of items on all pages
 */
public record PageOf<T>(List<T> items, int page, int pages, long total) {
    private static final int SIZE = 50;
    private static final int LAST = 100_000;

    /** A page of entities, each as the API shows it. */
    public static <E, T> PageOf<T> of(Page<E> page, Function<E, T> shown) {
        return new PageOf<>(
                page.getContent().stream().map(shown).toList(),
                page.getNumber(),
                page.getTotalPages(),
                page.getTotalElements());
    }

    /** The request for a page. Refuses numbers below 0 and above 100,000. */
    public static Pageable request(int page, Sort sort) {
        if (page < 0 || page > LAST) throw Refusal.of("page", "Pages are counted from 0.");
        return PageRequest.of(page, SIZE, sort);
    }
}
