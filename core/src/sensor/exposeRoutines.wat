;; The inner loop of a live exposure, four pixels at a time.
;; exposeWasm.ts is made from this by `node tools/wat.mjs`; exposeLive.ts says the same in TypeScript.
(module
  (memory (export "memory") 1)

  ;; light: a row of three floats a pixel; n: its pixels, a multiple of four. scales: raw counts per unit of light for each of
  ;; its values; share: what all of them are multiplied by. base: black level and a half; perCount: variance of photon noise a
  ;; count; read: variance of read noise; white: the highest value. normals: table of 1024 normal deviates; streams: four random
  ;; states, one for each pixel of a block, carried on from row to row. out: three 16-bit raw values a pixel.
  (func (export "exposeRow")
    (param $light i32) (param $n i32) (param $scales i32) (param $share f32) (param $base f32) (param $perCount f32)
    (param $read f32) (param $white f32) (param $normals i32) (param $streams i32) (param $out i32)
    (local $last i32)
    (local $state v128) (local $r v128) (local $g v128) (local $b v128) (local $noise v128) (local $counts v128)
    (local $c0 v128) (local $c1 v128) (local $c2 v128)
    (local $shares v128) (local $bases v128) (local $shots v128) (local $reads v128) (local $whites v128) (local $zeros v128)
    (local $tables v128) (local $mask v128)
    (local.set $shares (f32x4.splat (local.get $share)))
    (local.set $bases (f32x4.splat (local.get $base)))
    (local.set $shots (f32x4.splat (local.get $perCount)))
    (local.set $reads (f32x4.splat (local.get $read)))
    (local.set $whites (f32x4.splat (local.get $white)))
    (local.set $tables (i32x4.splat (local.get $normals)))
    (local.set $mask (i32x4.splat (i32.const 4092)))
    (local.set $state (v128.load (local.get $streams)))
    (local.set $last (i32.add (local.get $out) (i32.mul (local.get $n) (i32.const 6))))
    (block $done
      (loop $next
        (br_if $done (i32.ge_u (local.get $out) (local.get $last)))
        ;; One random word a pixel (xorshift32): ten bits for each channel.
        (local.set $state (v128.xor (local.get $state) (i32x4.shl (local.get $state) (i32.const 13))))
        (local.set $state (v128.xor (local.get $state) (i32x4.shr_u (local.get $state) (i32.const 17))))
        (local.set $state (v128.xor (local.get $state) (i32x4.shl (local.get $state) (i32.const 5))))
        (local.set $r
          (i32x4.add (local.get $tables) (v128.and (local.get $mask) (i32x4.shl (local.get $state) (i32.const 2)))))
        (local.set $g
          (i32x4.add (local.get $tables) (v128.and (local.get $mask) (i32x4.shr_u (local.get $state) (i32.const 8)))))
        (local.set $b
          (i32x4.add (local.get $tables) (v128.and (local.get $mask) (i32x4.shr_u (local.get $state) (i32.const 18)))))
        (local.set $noise (v128.load32_zero (i32x4.extract_lane 0 (local.get $r))))
        (local.set $noise (v128.load32_lane 1 (i32x4.extract_lane 0 (local.get $g)) (local.get $noise)))
        (local.set $noise (v128.load32_lane 2 (i32x4.extract_lane 0 (local.get $b)) (local.get $noise)))
        (local.set $noise (v128.load32_lane 3 (i32x4.extract_lane 1 (local.get $r)) (local.get $noise)))
        (local.set $counts
          (f32x4.mul (f32x4.mul (v128.load (local.get $light)) (v128.load (local.get $scales))) (local.get $shares)))
        (local.set $c0
          (i32x4.trunc_sat_f32x4_s
            (f32x4.pmin
              (f32x4.pmax
                (f32x4.add
                  (f32x4.add (local.get $counts) (local.get $bases))
                  (f32x4.mul (local.get $noise)
                    (f32x4.sqrt (f32x4.add (f32x4.mul (local.get $counts) (local.get $shots)) (local.get $reads)))))
                (local.get $zeros))
              (local.get $whites))))
        (local.set $noise (v128.load32_zero (i32x4.extract_lane 1 (local.get $g))))
        (local.set $noise (v128.load32_lane 1 (i32x4.extract_lane 1 (local.get $b)) (local.get $noise)))
        (local.set $noise (v128.load32_lane 2 (i32x4.extract_lane 2 (local.get $r)) (local.get $noise)))
        (local.set $noise (v128.load32_lane 3 (i32x4.extract_lane 2 (local.get $g)) (local.get $noise)))
        (local.set $counts
          (f32x4.mul (f32x4.mul (v128.load offset=16 (local.get $light)) (v128.load offset=16 (local.get $scales))) (local.get $shares)))
        (local.set $c1
          (i32x4.trunc_sat_f32x4_s
            (f32x4.pmin
              (f32x4.pmax
                (f32x4.add
                  (f32x4.add (local.get $counts) (local.get $bases))
                  (f32x4.mul (local.get $noise)
                    (f32x4.sqrt (f32x4.add (f32x4.mul (local.get $counts) (local.get $shots)) (local.get $reads)))))
                (local.get $zeros))
              (local.get $whites))))
        (local.set $noise (v128.load32_zero (i32x4.extract_lane 2 (local.get $b))))
        (local.set $noise (v128.load32_lane 1 (i32x4.extract_lane 3 (local.get $r)) (local.get $noise)))
        (local.set $noise (v128.load32_lane 2 (i32x4.extract_lane 3 (local.get $g)) (local.get $noise)))
        (local.set $noise (v128.load32_lane 3 (i32x4.extract_lane 3 (local.get $b)) (local.get $noise)))
        (local.set $counts
          (f32x4.mul (f32x4.mul (v128.load offset=32 (local.get $light)) (v128.load offset=32 (local.get $scales))) (local.get $shares)))
        (local.set $c2
          (i32x4.trunc_sat_f32x4_s
            (f32x4.pmin
              (f32x4.pmax
                (f32x4.add
                  (f32x4.add (local.get $counts) (local.get $bases))
                  (f32x4.mul (local.get $noise)
                    (f32x4.sqrt (f32x4.add (f32x4.mul (local.get $counts) (local.get $shots)) (local.get $reads)))))
                (local.get $zeros))
              (local.get $whites))))
        (v128.store (local.get $out) (i16x8.narrow_i32x4_u (local.get $c0) (local.get $c1)))
        (v128.store64_lane offset=16 0 (local.get $out) (i16x8.narrow_i32x4_u (local.get $c2) (local.get $c2)))
        (local.set $light (i32.add (local.get $light) (i32.const 48)))
        (local.set $scales (i32.add (local.get $scales) (i32.const 48)))
        (local.set $out (i32.add (local.get $out) (i32.const 24)))
        (br $next)))
    (v128.store (local.get $streams) (local.get $state))))
