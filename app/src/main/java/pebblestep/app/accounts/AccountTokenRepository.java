package pebblestep.app.accounts;

import java.time.Instant;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AccountTokenRepository extends JpaRepository<AccountTokenEntity, Long> {
    Optional<AccountTokenEntity> findByHash(String hash);

    @Modifying
    @Query("delete from AccountTokenEntity t where t.expiresAt < :moment")
    void deleteByExpiresAtBefore(Instant moment);

    @Modifying
    @Query("delete from AccountTokenEntity t where t.teacherId = :teacherId")
    void deleteByTeacherId(long teacherId);
}
