package pebblestep.app.letters;

import org.springframework.data.jpa.repository.JpaRepository;

interface MailServers extends JpaRepository<MailServerEntity, Long> {}
