package pebblestep.app.bench;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What there is to choose from. */
@RestController
class CatalogueController {

    @GetMapping("/api/catalogue")
    Catalogue catalogue() {
        return Catalogue.WHOLE;
    }
}
